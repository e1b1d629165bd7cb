/** Colours that a file of its own cannot read from the page. */
const resolveColours = (markup: string): string => {
  const root = getComputedStyle(document.documentElement);
  return markup.replace(/var\((--[\w-]+)\)/g, (_, name: string) => root.getPropertyValue(name).trim());
};

/** A drawn figure as a self-contained SVG text. */
export const svgText = (svg: SVGSVGElement, width = 800): string => {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const { width: w, height: h } = svg.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(Math.round((width * h) / w)));
  copy.removeAttribute('style');
  return resolveColours(new XMLSerializer().serializeToString(copy));
};

const save = (blob: Blob, name: string): void => {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
};

/** A name for a file that every system takes. */
const fileName = (name: string): string =>
  name
    .replace(/[^\p{L}\p{N} -]+/gu, '')
    .trim()
    .replace(/\s+/g, '-');

/** Saves a drawn figure as SVG. */
export const saveSvg = (svg: SVGSVGElement, name: string): void =>
  save(new Blob([svgText(svg)], { type: 'image/svg+xml' }), `${fileName(name)}.svg`);

/** Saves a drawn figure as PNG, 1600 pixels wide, on a transparent ground. */
export const savePng = async (svg: SVGSVGElement, name: string): Promise<void> => {
  const text = svgText(svg, 1600);
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [image.width, image.height];
  canvas.getContext('2d')?.drawImage(image, 0, 0);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (!blob) throw new Error('This browser could not make a PNG of the figure.');
  save(blob, `${fileName(name)}.png`);
};
