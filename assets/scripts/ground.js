// Touching the ground of a drawing marked data-ground asks the server about that point, in field feet.

export function listenForGround(page) {
    page.addEventListener('click', (event) => {
        const drawing = event.target.closest('svg[data-ground]');
        if (!drawing) return;
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing.getScreenCTM().inverse());
        const link = page.getElementById(drawing.dataset.ground);
        const address = new URL(link.href);
        address.searchParams.set('at', `${point.x.toFixed(1)},${(-point.y).toFixed(1)}`);
        link.href = address.href;
        link.click();
    });
}
