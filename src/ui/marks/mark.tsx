import { STATUS_WORDS, type Status } from '@/core/screening';

export { STATUS_WORDS } from '@/core/screening';

/**
 * A small mould section: full cavity (fits), half full (tight), full with a cut corner (second operation),
 * nearly empty under a star (only at a specialist), crossed (ruled out), dotted (not known). Reads at 12 px and in grey.
 */
export function Mark({ status, size = 15, label = true }: { status: Status; size?: number; label?: boolean }) {
  const cavity = 'M4 4.5 H12 L10.6 12 H5.4 Z';
  return (
    <svg
      style={{ display: 'inline-block', flex: 'none', verticalAlign: '-0.15em' }}
      width={size}
      height={size}
      viewBox="0 0 16 16"
      role={label ? 'img' : undefined}
      aria-hidden={!label}
      aria-label={label ? STATUS_WORDS[status] : undefined}
    >
      <path
        d="M1.2 4.5 V14.8 H14.8 V4.5"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.3"
        strokeDasharray={status === 'not-known' ? '1.4 1.8' : undefined}
      />
      {status === 'fits' && <path d={cavity} fill="currentColor" />}
      {status === 'tight' && (
        <>
          <path d={cavity} fill="none" stroke="currentColor" strokeWidth="1.1" />
          <path d="M4.7 8.2 H11.3 L10.6 12 H5.4 Z" fill="currentColor" />
        </>
      )}
      {status === 'special' && (
        <>
          <path d={cavity} fill="none" stroke="currentColor" strokeWidth="1.1" />
          <path d="M5.2 10.4 H10.8 L10.6 12 H5.4 Z" fill="currentColor" />
          <path
            d="M8 1 L9 3.2 L11.3 3.4 L9.6 5 L10.1 7.3 L8 6.1 L5.9 7.3 L6.4 5 L4.7 3.4 L7 3.2 Z"
            fill="currentColor"
          />
        </>
      )}
      {status === 'second-operation' && (
        <>
          <path d="M4 4.5 H8 L11.7 8.2 L10.6 12 H5.4 Z" fill="currentColor" />
          <path d="M9.6 2.6 H13.4 V6.4" fill="none" stroke="currentColor" strokeWidth="1.4" />
        </>
      )}
      {status === 'blocked' && (
        <>
          <path d={cavity} fill="none" stroke="currentColor" strokeWidth="1" />
          <path d="M2.5 2 L13.5 13.5 M13.5 2 L2.5 13.5" stroke="currentColor" strokeWidth="1.7" />
        </>
      )}
      {status === 'not-known' && (
        <path d={cavity} fill="none" stroke="currentColor" strokeWidth="1.2" strokeDasharray="1.2 1.7" />
      )}
    </svg>
  );
}
