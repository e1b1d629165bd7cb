/** The name, with the spine between its two halves. */
export const Mark = () => (
  <svg
    viewBox="0 0 72 62"
    width="72"
    height="62"
    role="img"
    aria-label="Kotabi"
    style={{ margin: '10px auto 10px' }}
  >
    <g fill="#F5F1E8" fontSize="21" fontWeight="750" fontFamily="inherit">
      <text x="15" y="25">
        ko
      </text>
      <text x="15" y="47">
        tabi
      </text>
    </g>
    <path
      d="M8 6 q-4.5 6 0 12.5 t0 12.5 t0 12.5 t0 8"
      fill="none"
      stroke="#9FC2B2"
      strokeWidth="2.4"
      strokeLinecap="round"
    />
  </svg>
);
