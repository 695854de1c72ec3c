/** A QR code (ISO/IEC 18004) from its rows, with the quiet zone of four modules. Black on white at night too. */
export function QrCode({ rows, label }: { rows: string[]; label: string }) {
  const size = rows.length + 8;
  const dark = rows.flatMap((row, y) =>
    [...row].flatMap((module, x) => (module === '1' ? [`M${x + 4} ${y + 4}h1v1h-1z`] : [])),
  );

  return (
    <svg className="qr" viewBox={`0 0 ${size} ${size}`} role="img" aria-label={label} shapeRendering="crispEdges">
      <rect width={size} height={size} fill="#fff" />
      <path d={dark.join('')} fill="#000" />
    </svg>
  );
}
