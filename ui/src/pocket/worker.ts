// The same Ruby as on the server, in a worker: started from its memory image, it answers the
// contract's routes from what was taken along.
import {
  ConsoleStdout,
  Directory,
  File,
  OpenFile,
  PreopenDirectory,
  WASI,
} from '@bjorn3/browser_wasi_shim'
import { RubyVM } from '@ruby/wasm-wasi'
import { RUNTIME, type Asked, type Names, type Reply } from './protocol'

let vm: RubyVM | null = null
/** Calls since Ruby tidied up: it does so when nobody waits for it, at the latest after MOST. */
let number = 0
const MOST = 40
const FEW = 4
const IDLE = 300 // ms
let resting: ReturnType<typeof setTimeout> | undefined
const folder = new Map<string, File>()
const text = new TextEncoder()

/** From what was kept of it, else from the server. */
async function fetched(name: string) {
  const cache = await caches.open(RUNTIME)
  return (await cache.match(name)) ?? fetch(name)
}

/** Lays the pages of the image into the memory: no file is loaded, no class made anew. */
function unfold(image: ArrayBuffer, memory: WebAssembly.Memory) {
  const [size, count] = new Uint32Array(image, 0, 2) as unknown as [number, number]
  const missing = size - memory.buffer.byteLength
  if (missing > 0) memory.grow(missing / 65536)
  const runs = new Uint32Array(image, 8, count * 2)
  const target = new Uint8Array(memory.buffer)
  let at = 8 + count * 8
  for (let i = 0; i < runs.length; i += 2) {
    target.set(new Uint8Array(image, at, runs[i + 1]), runs[i])
    at += runs[i + 1]!
  }
}

async function start(names: Names) {
  const [module, image] = await Promise.all([
    fetched(`/offline/${names.ruby}`).then((response) => WebAssembly.compileStreaming(response)),
    fetched(`/offline/${names.image}`).then((response) => response.arrayBuffer()),
  ])
  const said = () => ConsoleStdout.lineBuffered((line) => console.warn(line))
  const root = new Map([['munimen', new Directory(folder)]])
  const wasi = new WASI(
    [],
    [],
    [new OpenFile(new File([])), said(), said(), new PreopenDirectory('/', root)],
    { debug: false },
  )
  const ruby = new RubyVM()
  const imports = { wasi_snapshot_preview1: wasi.wasiImport }
  ruby.addToImports(imports as unknown as WebAssembly.Imports)
  const instance = await WebAssembly.instantiate(module, imports as unknown as WebAssembly.Imports)
  await ruby.setInstance(instance)
  wasi.inst = instance as unknown as WASI['inst']
  unfold(image, instance.exports.memory as WebAssembly.Memory)
  vm = ruby
}

/** Texts go in as files: nothing has to be quoted for Ruby. */
function put(name: string, content: string) {
  folder.set(name, new File(text.encode(content)))
  return `File.read("/munimen/${name}", encoding: "UTF-8")`
}

async function answer(asked: Asked): Promise<string> {
  if (asked.kind === 'start') {
    await start(asked.names)
    return ''
  }
  if (!vm) throw new Error('Ruby has not been started.')
  if (asked.kind === 'open') {
    vm.eval(`$office = Munimen::Pocket::Office.new(${put('pack.json', asked.pack)}); nil`)
    return ''
  }
  const given = [asked.verb, asked.path, asked.query, asked.body].map((one, index) =>
    put(`given-${index}`, one),
  )
  number += 1
  if (number >= MOST) tidy()
  // The answer comes as a file as well: a value of Ruby's that JavaScript holds is kept by both until
  // JavaScript cleans up, which sees nothing of its size.
  folder.set('answer', new File([]))
  const call = `$office.text(${given.join(', ')}, now: ${put('now', asked.now)}, once: ${asked.once})`
  vm.eval(`File.write("/munimen/answer", ${call}); nil`)
  return new TextDecoder().decode(folder.get('answer')!.data)
}

function tidy() {
  number = 0
  vm?.eval('GC.start; nil')
}

// One after another: Ruby is one.
let line: Promise<unknown> = Promise.resolve()
self.onmessage = ({ data }: MessageEvent<{ n: number; asked: Asked }>) => {
  clearTimeout(resting)
  line = line.then(async () => {
    let reply: Reply
    try {
      reply = { n: data.n, text: await answer(data.asked) }
    } catch (cause) {
      reply = { n: data.n, error: cause instanceof Error ? cause.message : String(cause) }
    }
    self.postMessage(reply)
    if (number >= FEW) resting = setTimeout(tidy, IDLE)
  })
}
