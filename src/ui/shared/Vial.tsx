/** A level vial: the side of the bubble says which way it leans, its distance how much; between the marks is level. */
export function Vial({
  score,
  lean,
  tone,
  width = 220,
  height = 26,
}: {
  score: number;
  lean: number;
  tone: 'level' | 'off' | 'worst';
  width?: number;
  height?: number;
}) {
  const middle = width / 2;
  const half = width * 0.11;
  const away = Math.min(1, (100 - score) / 60);
  const side = lean < 0 ? -1 : 1;
  const bubble = middle + side * away * (middle - height);
  return (
    <svg className={`vial ${tone === 'level' ? '' : tone}`} width={width} height={height} aria-hidden="true">
      <rect className="glass" x="4" y="1" width={width - 8} height={height - 2} rx={height / 2 - 1} />
      <rect className="cap" x="0" y={height * 0.2} width="5" height={height * 0.6} rx="2" />
      <rect className="cap" x={width - 5} y={height * 0.2} width="5" height={height * 0.6} rx="2" />
      <path className="tick" d={`M${middle - half} 1V${height - 1}M${middle + half} 1V${height - 1}`} />
      <ellipse className="bub" cx={bubble} cy={height * 0.44} rx={height * 0.56} ry={height * 0.3} />
    </svg>
  );
}
