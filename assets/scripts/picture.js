// A drawing as a picture that stands for itself: with its colours and letters in it, and nothing of the page.

const KEPT = [
    'fill',
    'fill-opacity',
    'fill-rule',
    'stroke',
    'stroke-width',
    'stroke-opacity',
    'stroke-dasharray',
    'stroke-linecap',
    'stroke-linejoin',
    'font-family',
    'font-size',
    'font-weight',
    'text-anchor',
    'paint-order',
    'opacity',
    'vector-effect',
    'r',
];
/** Pixels for one of the screen: sharp on paper, too. */
const SHARP = 2;

/** Saves it; back comes what the button then says. */
export async function asSvg(drawing) {
    save(new Blob([standing(drawing)], { type: 'image/svg+xml' }), `${named(drawing)}.svg`);
    return 'Saved';
}

/** To the clipboard, or as a file where that is not allowed. */
export async function asPng(drawing) {
    const { width, height } = drawing.getBoundingClientRect();
    const image = new Image();
    image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(standing(drawing))}`;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(width * SHARP);
    canvas.height = Math.round(height * SHARP);
    canvas.getContext('2d').drawImage(image, 0, 0, canvas.width, canvas.height);
    const png = await new Promise((done) => canvas.toBlob(done, 'image/png'));
    try {
        await navigator.clipboard.write([new ClipboardItem({ 'image/png': png })]);
        return 'Copied';
    } catch {
        save(png, `${named(drawing)}.png`);
        return 'Saved';
    }
}

function standing(drawing) {
    const { width, height } = drawing.getBoundingClientRect();
    const copy = drawing.cloneNode(true);
    const of = [...drawing.querySelectorAll('*')];
    for (const [index, element] of [...copy.querySelectorAll('*')].entries()) {
        const seen = getComputedStyle(of[index]);
        const style = KEPT.map((name) => [name, seen.getPropertyValue(name)]).filter(([, value]) => value);
        // The inner scale of marks is a style of the page.
        if (seen.transform !== 'none' && !of[index].hasAttribute('transform'))
            element.setAttribute('transform', seen.transform);
        for (const name of [...element.getAttributeNames()])
            if (/^(data-|class|tabindex|role|aria-|id|popover)/.test(name)) element.removeAttribute(name);
        for (const [name, value] of style) element.setAttribute(name, value);
    }
    for (const name of copy.getAttributeNames()) if (name !== 'viewBox') copy.removeAttribute(name);
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    copy.setAttribute('width', String(Math.round(width)));
    copy.setAttribute('height', String(Math.round(height)));
    return new XMLSerializer().serializeToString(copy);
}

const named = () =>
    location.pathname
        .split('/')
        .slice(1)
        .join('-')
        .replace(/[^\w-]+/g, '-') || 'drawing';

function save(blob, name) {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(blob);
    link.download = name;
    link.setAttribute('hx-boost', 'false');
    document.body.append(link);
    link.click();
    link.remove();
    setTimeout(() => URL.revokeObjectURL(link.href), 5000);
}
