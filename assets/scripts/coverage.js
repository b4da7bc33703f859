// The form of a coverage: which cells differ from before, which row is drawn, and the last change taken back.

const steps = new WeakMap();

export function followCoverages(page) {
    page.addEventListener('input', (event) => {
        const form = event.target.closest('[data-coverage-form]');
        if (!form) return;
        if (event.target.dataset.was !== undefined) remember(form, event.target);
        settleCoverage(form);
    });
    page.addEventListener('click', (event) => {
        const form = event.target.closest('[data-take-back]')?.form;
        const last = form && (steps.get(form) ?? []).pop();
        if (!last) return;
        put(last.field, last.value);
        last.field.dataset.now = last.value;
        // Not remembered: it is what was there.
        last.field.dispatchEvent(new CustomEvent('input', { bubbles: true, detail: 'back' }));
        settleCoverage(form);
    });
}

export function settleCoverage(scope) {
    for (const form of scope.matches?.('[data-coverage-form]')
        ? [scope]
        : document.querySelectorAll('[data-coverage-form]')) {
        for (const field of form.querySelectorAll('[data-was]')) {
            field.dataset.now ??= read(field);
            field.closest('td').classList.toggle('changed', read(field) !== field.dataset.was);
        }
        const drawn = form.querySelector('[name="column"]:checked')?.value;
        for (const row of form.querySelectorAll('[data-column-row]'))
            row.classList.toggle('drawn', row.dataset.columnRow === drawn);
        const back = form.querySelector('[data-take-back]');
        if (back) back.disabled = !(steps.get(form)?.length > 0);
    }
}

const read = (field) => (field.type === 'checkbox' ? (field.checked ? '1' : '') : field.value);

function put(field, value) {
    if (field.type === 'checkbox') field.checked = value === '1';
    else field.value = value;
}

function remember(form, field) {
    const before = field.dataset.now ?? field.dataset.was;
    if (before === read(field)) return;
    if (!steps.has(form)) steps.set(form, []);
    steps.get(form).push({ field, value: before });
    field.dataset.now = read(field);
}
