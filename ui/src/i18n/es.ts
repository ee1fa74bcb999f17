// The customer's page in Spanish: its own words; all else on the screen stays as it is.
export default {
  tag: {
    by: 'A cargo de',
    since: 'desde el {on}',
    serviced: 'Última visita: {on}.',
    next: 'Próximo servicio: {on}',
    nextUnknown: 'Próximo servicio: según lo acordado',
    ring: 'Llamar al {phone}',
    gone: 'Este aparato fue cambiado o retirado.',
    staff: 'Para el personal de {firm}: el registro completo',
  },
  before: {
    title: 'Antes de nuestra visita del {day}',
    lead: 'Lo que usted ve ahora nos ayuda a llevar las piezas correctas. Diga lo que quiera; puede cambiarlo hasta que lleguemos.',
    wrong: '¿Qué le pasa?',
    now: 'Haga esto ya',
    nothing: 'Nada, o nada de esto',
    words: 'Con sus palabras: ¿cuándo gotea, desde cuándo, qué se oyó?',
    warm: '¿A qué temperatura sale el agua caliente de una llave? (con termómetro, a los dos minutos)',
    careful:
      'Deje correr el agua sobre el termómetro, no sobre la mano. Para esto no abra ninguna válvula, no quite ninguna tapa ni restablezca nada.',
    send: 'Enviar',
    thanks: 'Gracias. Lo verá quien vaya.',
    pictures: 'Fotos',
    slot: {
      plate: 'La etiqueta del aparato',
      drip: 'Donde gotea, la cubeta',
      place: 'El lugar donde está',
    },
    there: 'ninguna aún | una enviada | {n} enviadas',
    theirs: 'Solo lo ve {firm}. Si algo le asusta, no escriba: llame.',
  },
}
