// The pictures of calculations, as the contract has them (made in core/drawing/chart.rb).
import type { Schemas } from './client'

export type LinePicture = Schemas['LinePicture']
export type BarPicture = Schemas['BarPicture']
export type Picture = Schemas['Picture']
