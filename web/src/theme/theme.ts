import type { ThemeConfig } from 'antd';

export type Setting = 'light' | 'dark';

const shared = {
  fontFamily: "'Source Sans 3', 'Liberation Sans', sans-serif",
  fontSize: 16,
  controlHeight: 44,
  borderRadius: 3,
  motion: false,
  wireframe: true,
};

const light = {
  colorPrimary: '#a4532c',
  colorText: '#24221d',
  colorTextPlaceholder: '#645d51',
  colorBgContainer: '#fffdf8',
  colorBgElevated: '#fffdf8',
  colorBorder: '#b9ae97',
  colorError: '#8e2a28',
};

const dark = {
  colorPrimary: '#d98255',
  colorText: '#f0eadd',
  colorTextPlaceholder: '#b7ae9d',
  colorBgContainer: '#292723',
  colorBgElevated: '#2f2d28',
  colorBorder: '#6b6457',
  colorError: '#ef8b83',
  colorTextLightSolid: '#1d120b',
};

/** The toolkit's tokens; its own blue and its rounded, shadowed look stay out. */
export function themeFor(setting: Setting): ThemeConfig {
  return {
    token: { ...shared, ...(setting === 'dark' ? dark : light) },
    components: {
      Button: { fontWeight: 600, primaryShadow: 'none', defaultShadow: 'none' },
      Select: { optionSelectedBg: setting === 'dark' ? '#3b3630' : '#ece5d6' },
    },
  };
}

const KEY = 'brasskettle.setting';

export function savedSetting(): Setting {
  return localStorage.getItem(KEY) === 'dark' ? 'dark' : 'light';
}

export function applySetting(setting: Setting) {
  localStorage.setItem(KEY, setting);
  document.documentElement.dataset.setting = setting;
}
