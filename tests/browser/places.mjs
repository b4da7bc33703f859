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
            'field/R1-0',
            'field/R2-0?view=bunt',
            'field/R1-0?view=ground-ball&ball=-13,78',
            'plays/ground-ball/R1-0',
            'field/R1-1?view=outfield&hit=-70,205&flight=line',
            'plays/outfield',
            'plays/outfield/R3-1',
            'plays/outfield/R3-1/sheet',
            'field/R3-1/compare?against=in',
            'field/none-0?view=air',
            'situations?batter=slapper',
            'runners/R1-0',
            'runners',
            'runners/looks/7',
            'field/R1-0?view=pick',
            'field/R1R3-1?view=rundown',
            'plays/pick/R1R2-0',
            'plays/bunt/R1R2-0?with=wheel',
            'plays/bunt/R1-0/coverage/new?from=first-stays',
        ];
        return [...plan, ...field.map((part) => `/${team}/${part}`)];
    },
    'the club': async (page, team) => {
        const player = await first(page, `/${team}/team`);
        const opponent = await first(page, `/${team}/team/opponents`);
        const parts = [
            'team',
            'team/field',
            'team/import',
            'team/lineup',
            'team/opponents',
            'team/runs',
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
