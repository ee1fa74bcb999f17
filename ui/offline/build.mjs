// Builds what a browser needs to run the same Ruby without a signal, once for the same content:
//
//   node offline/build.mjs ../tmp/pocket/munimen.json public/offline
//
// ruby-….wasm is the package's own; image-….bin is the memory of a Ruby that has loaded everything:
// the pages that differ from a new one's, so that nothing is loaded again. offline.json names both.
import { createHash } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import zlib from 'node:zlib'
import { RubyVM } from '@ruby/wasm-wasi'
import { boot, DIST, files, wasi } from './ruby.mjs'

const [source, target] = process.argv.slice(2)
const PAGE = 4096
const digest = (bytes) => createHash('sha256').update(bytes).digest('hex').slice(0, 16)

/** The files of Ruby's own library that are wanted, as [name, text]: they are built into the large
 * package only. */
async function library() {
  const { vm } = await boot('ruby+stdlib.wasm', new Map())
  const names = vm
    .eval(
      'before = $LOADED_FEATURES.dup; %w[json date time securerandom digest digest/sha2].each { |one| require one }; ' +
        '($LOADED_FEATURES - before).grep(/\\.rb\\z/).join("\\n")',
    )
    .toString()
    .split('\n')
  return names.map((name) => [
    name.replace(/^\/usr\/local\/lib\/ruby\/[^/]+/, '/munimen/lib'),
    vm.eval(`File.read(${JSON.stringify(name)})`).toString(),
  ])
}

async function loaded() {
  const disk = files()
  for (const [name, text] of await library()) disk.put(name, text)
  const own = JSON.parse(fs.readFileSync(source, 'utf8'))
  for (const [name, text] of own) disk.put(`/munimen/${name}`, text)
  const { vm, instance } = await boot('ruby.wasm', disk.root)
  vm.eval(
    '$LOAD_PATH.replace(["/munimen/lib"]); %w[json date time securerandom digest digest/sha2].each { |one| require one }; ' +
      `${JSON.stringify(own.map(([name]) => name))}.each { |one| load "/munimen/#{one}" }; ` +
      '4.times { GC.start }; nil',
  )
  return new Uint8Array(instance.exports.memory.buffer)
}

/** Memory of a Ruby that has been instantiated and nothing more. */
async function untouched() {
  const module = await WebAssembly.compile(fs.readFileSync(path.join(DIST, 'ruby.wasm')))
  const imports = { wasi_snapshot_preview1: wasi(new Map()).wasiImport }
  new RubyVM().addToImports(imports)
  const instance = await WebAssembly.instantiate(module, imports)
  return new Uint8Array(instance.exports.memory.buffer)
}

/** [[start, length], …] of the pages of `after` that differ. */
function changes(before, after) {
  const runs = []
  for (let at = 0; at < after.length; at += PAGE) {
    let differs = false
    for (let i = at; i < at + PAGE && !differs; i++) differs = after[i] !== (before[i] ?? 0)
    if (!differs) continue
    const last = runs.at(-1)
    if (last && last[0] + last[1] === at) last[1] += PAGE
    else runs.push([at, PAGE])
  }
  return runs
}

/** Size of the memory, number of runs, each run's start and length, then their bytes. */
function image(before, after) {
  const runs = changes(before, after)
  const head = new Uint32Array([after.length, runs.length, ...runs.flat()])
  const parts = runs.map(([start, length]) => after.subarray(start, start + length))
  return Buffer.concat([Buffer.from(head.buffer), ...parts])
}

/** Compressed, as a browser takes it. */
function packed(name) {
  const { BROTLI_PARAM_QUALITY, BROTLI_PARAM_LGWIN } = zlib.constants
  const params = { [BROTLI_PARAM_QUALITY]: 9, [BROTLI_PARAM_LGWIN]: 24 }
  return zlib.brotliCompressSync(fs.readFileSync(path.join(target, name)), { params })
}

const self = ['ruby.mjs', 'build.mjs'].map((name) =>
  fs.readFileSync(new URL(name, import.meta.url)),
)
const version = fs.readFileSync(path.join(DIST, '../package.json'))
const key = digest(Buffer.concat([...self, version, fs.readFileSync(source)]))
const ruby = fs.readFileSync(path.join(DIST, 'ruby.wasm'))
const names = { ruby: `ruby-${digest(ruby)}.wasm`, image: `image-${key}.bin` }
fs.mkdirSync(target, { recursive: true })
for (const old of fs.readdirSync(target)) {
  if (!Object.values(names).includes(old.replace(/\.br$/, ''))) fs.rmSync(path.join(target, old))
}
const there = (name) => fs.existsSync(path.join(target, name))
if (!there(names.ruby)) fs.writeFileSync(path.join(target, names.ruby), ruby)
if (!there(names.image)) {
  fs.writeFileSync(path.join(target, names.image), image(await untouched(), await loaded()))
}
for (const name of Object.values(names)) {
  if (!there(`${name}.br`)) fs.writeFileSync(path.join(target, `${name}.br`), packed(name))
}
const sizes = Object.values(names).map((name) => fs.statSync(path.join(target, `${name}.br`)).size)
fs.writeFileSync(
  path.join(target, 'offline.json'),
  JSON.stringify({ ...names, bytes: sizes[0] + sizes[1] }),
)
