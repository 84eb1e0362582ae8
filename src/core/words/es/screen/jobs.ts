import type { JOBS as EN } from '../../en/screen/jobs';

export const JOBS: Readonly<Record<keyof typeof EN, string>> = {
  'jobs.a-packet-open': 'Hay un paquete abierto: {job}, para {helper}.',
  'jobs.back-up-everything': 'Copiar todo',
  'jobs.backup': 'Copia de seguridad',
  'jobs.backup-whole-studio': 'Copia de todo el estudio',
  'jobs.bring-back': 'Recuperar {format}',
  'jobs.bring-back-2': 'Recuperar',
  'jobs.bring-back-named': 'Recuperar {name}',
  'jobs.copy': 'Copiar {j}',
  'jobs.copy-2': 'Copiar',
  'jobs.delete': 'Borrar {j}',
  'jobs.deleted-title': 'Trabajos borrados',
  'jobs.deleted-when': 'borrado {when}, ocupa {megabytes} MB',
  'jobs.earlier-versions': 'Versiones anteriores',
  'jobs.earlier-versions-of': 'Versiones anteriores de «{name}»',
  'jobs.helpers-bench': 'Mesa de ayudante',
  'jobs.is-no-job-packet-or':
    '«{file}» no es un trabajo, un paquete ni una copia ({projectEnding}, {backupEnding}). Las tablas se leen en su sitio: especies y precios en Hacer, la lata también.',
  'jobs.jobs-live-this-browser-files':
    'Los trabajos se guardan en este navegador y en los archivos que exportas. No se envía nada.{kept, select, yes { Este navegador puede borrarlos cuando le falte sitio: haz una copia de vez en cuando.} other {}}',
  'jobs.jobs-not-here-yet-just':
    '{added, plural, one {# trabajo no está aquí} other {# trabajos no están aquí}}, {same} igual que aquí, {other} distintos: entran junto a los tuyos, no se sobrescribe nada.',
  'jobs.made': 'Hecha {format}.',
  'jobs.none-deleted': 'Ninguno. Aquí se pueden recuperar los últimos veinte trabajos borrados.',
  'jobs.none-yet-one-kept-every':
    'Aún ninguna: se guarda una al empezar, antes de cada cambio grande y cada diez minutos mientras trabajas, las treinta últimas.',
  'jobs.open': 'Abrir {j}',
  'jobs.open-a-file': 'Abrir un archivo',
  'jobs.pieces': '{leaves}, {pieces, plural, one {# pieza} other {# piezas}}',
  'jobs.pieces-tiers-made':
    '{pieces, plural, one {# pieza} other {# piezas}}, {tiers, plural, one {# piso} other {# pisos}}, {made} hechas',
  'jobs.put-tin-ends-wire-back':
    '{tin, plural, one {Devolver la lata y los cabos de alambre a como eran (1 fila); sustituye a los de ahora} other {Devolver la lata y los cabos de alambre a como eran (# filas); sustituye a los de ahora}}',
  'jobs.remove-for-good': 'Quitar para siempre',
  'jobs.remove-for-good-named': 'Quitar {name} para siempre',
  'jobs.restore': 'Restaurar',
  'jobs.restore-a-backup': 'Restaurar una copia',
  'jobs.saved-into': 'Guardado en {name}.',
  'jobs.the-cake-as-3d-model': 'La tarta como modelo 3D',
  'jobs.the-cake-could-not-written': 'La tarta no se pudo escribir como modelo.',
  'jobs.the-shelf-is-empty': 'El estante está vacío.',
  'jobs.with-its-photographs': '{photos, plural, one {con su fotografía} other {con sus # fotografías}}',
  'jobs.backup-file': 'Copia: archivo',
  'jobs.job-file': 'Archivo de trabajo',
};
