// The pages that are looked over as a whole.
import { signIn } from './fox.mjs';

async function first(page, path) {
    await page.goto(path);
    return page.locator('tbody a').first().getAttribute('href');
}

// The Terns: what other tests do to the Kites meanwhile is not in the way.
export async function signInToTerns(page) {
    await signIn(page);
    return (await page.locator('.rail-team a', { hasText: 'Terns' }).getAttribute('href')).split('/')[1];
}

/** The places of design, of the club and of teaching; back come their addresses. */
export const PLACES = {
    design: async (page, team) => {
        const plan = ['rules', 'rules/guard', 'depths', 'walk-off'].map((part) => `/${team}/situations/${part}`);
        const field = [
            'situations/R1-0',
            'situations/R2-0/bunt',
            'situations/R1-0/ground-ball?ball=-13,78',
            'situations/R1-0/ground-ball/all',
            'situations/R1-1/outfield?hit=-70,205&flight=line',
            'situations/outfield-jobs',
            'situations/R3-1/outfield/all',
            'situations/R3-1/outfield/sheet',
            'situations/R3-1/compare?against=in',
            'situations/none-0/air',
            'situations/R1R2-0/bunt/coverages',
            'situations/R1-1/outfield/coverages',
            'situations/R1R3-0/first-third',
            'situations/R1-0/steal',
            'situations?batter=slapper',
            'situations/R1-0/runners',
            'team/counts',
            'situations/looks/7',
            'situations/R1-0/pick',
            'situations/R1R3-1/rundown',
            'situations/R1R2-0/pick/all',
            'situations/R1R2-0/bunt/all?with=wheel',
            'situations/R1-0/bunt/coverage/new?from=first-stays',
        ];
        return [...plan, ...field.map((part) => `/${team}/${part}`)];
    },
    'the club': async (page, team) => {
        const player = await first(page, `/${team}/team`);
        const opponent = await first(page, `/${team}/team/opponents`);
        const parts = [
            'team',
            'team/ballpark',
            'team/import',
            'team/lineup',
            'team/opponents',
            'team/scoring',
            'how-we-know',
            'team/record',
            'team/stopwatch',
            'you',
            'find',
            'find?q=first',
            'help/field',
            'people',
            'shared',
            'club',
            'club/import',
        ];
        return ['/account', opponent, player, `/${team}`, ...parts.map((part) => `/${team}/${part}`)];
    },
    teaching: async (page, team) => {
        const practice = await first(page, `/${team}/practice`);
        const parts = [
            '',
            '/new',
            '/needs',
            '/season',
            '/drills',
            '/arms',
            '/floors',
            '/drills/charge-and-throw',
            '/drills/new',
            '/week',
            '/calendar',
        ];
        return [
            ...parts.map((part) => `/${team}/practice${part}`),
            ...['', '/change', '/run', '/run/station/charge-and-throw', '/after'].map((part) => practice + part),
        ];
    },
};
