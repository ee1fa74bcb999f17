// Reads codes out of pictures: QR on our tags, the codes on parts. An open reader compiled for the
// browser, which ships with the application.
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader'
import wasm from 'zxing-wasm/reader/zxing_reader.wasm?url'

prepareZXingModule({ overrides: { locateFile: () => wasm } })

self.onmessage = async ({ data }: MessageEvent<{ id: number; picture: Blob | ImageData }>) => {
  const found = await readBarcodes(data.picture, {
    formats: ['QRCode', 'DataMatrix', 'EAN13', 'EAN8', 'UPCA', 'UPCE', 'Code128', 'Code39'],
    tryHarder: true,
    maxNumberOfSymbols: 1,
  }).catch(() => [])
  self.postMessage({ id: data.id, text: found.find((one) => one.text)?.text ?? null })
}
