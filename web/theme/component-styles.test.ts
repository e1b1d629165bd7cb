import { describe, expect, it } from 'vitest';
import { componentStyles, usedComponents } from './component-styles';
import { colour } from './tokens';

/** The class of a component where it is not its name in small letters. */
const CLASS: Record<string, string> = { Button: 'btn', DatePicker: 'picker', TimePicker: 'picker' };
const classOf = (name: string): string =>
  CLASS[name] ?? name.replace(/[A-Z]/g, (letter, i) => `${i > 0 ? '-' : ''}${letter.toLowerCase()}`);

const css = await componentStyles();
const used = usedComponents().filter((name) => name !== 'ConfigProvider');

describe('the styles written when the page is built', () => {
  it('hold every component that the interface uses', () => {
    expect(used.length).toBeGreaterThan(20);
    const missing = used.filter((name) => !css.includes(`.ant-${classOf(name)}`));
    expect(missing).toEqual([]);
  });

  it('carry what is only seen when opened: lists, menus, calendars, dialogs', () => {
    const opened = [
      'select-dropdown',
      'select-item',
      'dropdown-menu',
      'picker-dropdown',
      'picker-panel',
      'modal-body',
      'popover',
      'tooltip',
      'empty',
    ];
    expect(opened.filter((part) => !css.includes(`.ant-${part}`))).toEqual([]);
  });

  it('leave the links of the page alone', () => {
    expect(css.match(/(?<=^|[},])a(?=[:[{,])[^{}]*\{[^}]*\}/g)).toBeNull();
  });

  it('are in our colours, under a name that stays the same', () => {
    expect(css.match(/--ant-color-primary:(#\w+)/)?.[1]?.toLowerCase()).toBe(colour.together.toLowerCase());
    expect(css.match(/\.css-[a-z0-9]{6}/)).toBeNull();
    expect(css.match(/--ant-color-primary:/g)).toHaveLength(1);
  });
});
