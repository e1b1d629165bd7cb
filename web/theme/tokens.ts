import type { ThemeConfig } from 'antd';

/** The colours of the look, one name each; global.css has the same as CSS variables. */
export const colour = {
  oat: '#F5F1E8',
  paper: '#FFFDF8',
  ink: '#20293A',
  muted: '#5C6270',
  line: '#E3DBCB',
  left: '#44539F',
  right: '#A85C12',
  together: '#3F6B5C',
  stop: '#A2283C',
} as const;

export const fontFamily = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";

/** Ant Design in the look: quiet borders, soft corners, pine where something is to be done. */
export const theme: ThemeConfig = {
  // The styles are written when the page is built (component-styles.ts), under one name instead of a new one each time.
  zeroRuntime: true,
  hashed: false,
  cssVar: { key: 'kotabi' },
  token: {
    colorPrimary: colour.together,
    colorLink: colour.together,
    colorInfo: colour.left,
    colorError: colour.stop,
    colorWarning: colour.right,
    colorSuccess: colour.together,
    colorText: colour.ink,
    colorTextSecondary: colour.muted,
    colorTextDescription: colour.muted,
    colorTextPlaceholder: '#6B7080',
    colorBorder: '#C9BFAB',
    colorBorderSecondary: colour.line,
    colorBgLayout: colour.oat,
    colorBgContainer: colour.paper,
    colorBgElevated: colour.paper,
    fontFamily,
    fontSize: 15,
    borderRadius: 9,
    controlHeight: 34,
    wireframe: false,
    // Menus and dialogs are there at once: a menu that still moves is clicked beside.
    motion: false,
  },
  components: {
    Button: {
      fontWeight: 600,
      defaultBg: colour.paper,
      primaryShadow: 'none',
      defaultShadow: 'none',
      dangerShadow: 'none',
    },
    Table: {
      headerBg: 'transparent',
      headerColor: colour.muted,
      rowHoverBg: '#F9F4E9',
      headerSplitColor: 'transparent',
    },
    Segmented: { trackBg: '#EEE7D9', itemSelectedBg: colour.ink, itemSelectedColor: colour.paper },
    Tooltip: { colorBgSpotlight: colour.ink },
    Slider: { trackBg: colour.together, handleColor: colour.together, railBg: '#DDD4C3' },
  },
};
