/** The scalloped edge along the top: it says whose stall this is. */
export function Awning({ brand, shade }: { brand: string; shade: string }) {
  return (
    <svg className="h-5 w-full flex-none" aria-hidden="true">
      <defs>
        <pattern id="awning" width="40" height="20" patternUnits="userSpaceOnUse">
          <path d="M0 0h20v10a10 10 0 0 1-20 0z" fill={brand} />
          <path d="M20 0h20v10a10 10 0 0 1-20 0z" fill={shade} />
        </pattern>
      </defs>
      <rect width="100%" height="20" fill="url(#awning)" />
    </svg>
  );
}
