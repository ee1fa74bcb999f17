// Whether the Ruby for the browser says what the server's says, letter for letter:
//
//   node offline/same.mjs public/offline cases.json
//
// cases.json: {pack, calls: [[verb, path, query, body, now, answer], …], judge: Ruby that
// defines Judged, texts: [[text, what Judged makes of it], …]}. Prints {same, different: [[path, where, server's, browser's],
// …]}.
import fs from 'node:fs'
import path from 'node:path'
import { RubyVM } from '@ruby/wasm-wasi'
import { files, wasi } from './ruby.mjs'

const [folder, cases] = process.argv.slice(2)
const names = JSON.parse(fs.readFileSync(path.join(folder, 'offline.json'), 'utf8'))
const { pack, calls, judge, texts } = JSON.parse(fs.readFileSync(cases, 'utf8'))
const disk = files()
const system = wasi(disk.root)
const vm = new RubyVM()
const imports = { wasi_snapshot_preview1: system.wasiImport }
vm.addToImports(imports)
const module = await WebAssembly.compile(fs.readFileSync(path.join(folder, names.ruby)))
const instance = await WebAssembly.instantiate(module, imports)
await vm.setInstance(instance)
system.inst = instance

const bytes = fs.readFileSync(path.join(folder, names.image))
const [size, count] = [bytes.readUInt32LE(0), bytes.readUInt32LE(4)]
const memory = instance.exports.memory
if (size > memory.buffer.byteLength) memory.grow((size - memory.buffer.byteLength) / 65536)
const target = new Uint8Array(memory.buffer)
let at = 8 + count * 8
for (let i = 0; i < count; i++) {
  const length = bytes.readUInt32LE(12 + i * 8)
  target.set(bytes.subarray(at, at + length), bytes.readUInt32LE(8 + i * 8))
  at += length
}

const put = (name, text) => {
  disk.put(`/munimen/${name}`, text)
  return `File.read("/munimen/${name}", encoding: "UTF-8")`
}
vm.eval(`$office = Munimen::Pocket::Office.new(${put('pack.json', pack)}); nil`)
let same = 0
const different = []
function compare(name, wanted, got) {
  if (got === wanted) return (same += 1)
  let from = 0
  while (got[from] === wanted[from]) from += 1
  const around = (text) => text.slice(Math.max(0, from - 60), from + 100)
  return different.push([name, from, around(wanted), around(got)])
}
for (const [verb, address, query, body, now, wanted] of calls) {
  const given = [verb, address, query, body].map((text, index) => put(`given-${index}`, text))
  const got = vm.eval(`$office.text(${given.join(', ')}, now: ${put('now', now)})`).toString()
  compare(address, wanted, got)
}
vm.eval(`${judge}; nil`)
for (const [index, [text, wanted]] of texts.entries()) {
  compare(`text ${index}`, wanted, vm.eval(`Judged.call(${put('given', text)})`).toString())
  if (index % 50 === 0) vm.eval('GC.start; nil')
}
console.log(JSON.stringify({ same, different }))
