'use client';

export function PrintButton() {
  return (
    <button className="act" onClick={() => window.print()}>
      Print
    </button>
  );
}
