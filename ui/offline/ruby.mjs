// Ruby in WebAssembly, started from nothing: for node, where its memory image is built and tried.
import fs from 'node:fs'
import { createRequire } from 'node:module'
import path from 'node:path'
import {
  ConsoleStdout,
  Directory,
  File,
  OpenFile,
  PreopenDirectory,
  WASI,
} from '@bjorn3/browser_wasi_shim'
import { RubyVM } from '@ruby/wasm-wasi'

const require = createRequire(import.meta.url)
export const DIST = path.dirname(require.resolve('@ruby/4.0-wasm-wasi/dist/ruby.wasm'))

/** A file system of its own, since the one that is built in hides `/usr`. */
export function files() {
  const root = new Map()
  return {
    root,
    put(name, content) {
      const parts = name.replace(/^\//, '').split('/')
      const last = parts.pop()
      let folder = root
      for (const part of parts) {
        if (!folder.has(part)) folder.set(part, new Directory(new Map()))
        folder = folder.get(part).contents
      }
      folder.set(last, new File(new TextEncoder().encode(content)))
    },
  }
}

export function wasi(root, say = console.error) {
  const out = () => ConsoleStdout.lineBuffered(say)
  const descriptors = [new OpenFile(new File([])), out(), out(), new PreopenDirectory('/', root)]
  return new WASI([], [], descriptors, { debug: false })
}

/** {vm, instance} of a Ruby that has just begun; wasm: name of the package's file. */
export async function boot(wasm, root) {
  const module = await WebAssembly.compile(fs.readFileSync(path.join(DIST, wasm)))
  const args = ['ruby.wasm', '-EUTF-8', '-e_=0', '--disable-gems']
  return RubyVM.instantiateModule({ module, wasip1: wasi(root), args })
}
