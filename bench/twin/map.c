/*
 * The range map and the chart "two or one" once more, in C: what the same reckoning takes without PHP. It reads what
 * bench/Twin.php writes (numbers parted by blanks), reckons it so many times and prints the milliseconds of the
 * quickest and what it came to, so that the answers can be compared.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

#define FIELDERS 6
#define BALLS 1024
#define LOOKS 128
#define NEVER (-1.0)

/* core/Play/Ball/Hands.php, core/Motion/Giving.php, core/Play/Grid */
enum { FIRST_LOOK = 2, EVERY = 4 };
static const double SET = 0.5, STRETCH = 0.1, DIVES = 0.3, DIVE_COSTS = 2.5, HURRY_FADES = 0.13, BEHIND = 0.6;
static const double IN_FRONT = 0.45, IN_FRONT_DIVING = 0.15, UPRIGHT = 0.1, PICKED_UP = 0.8 / 0.75;
static const double CARRIES = 75.0, GIVEN_UP = 0.3, THROW_NEVER = 0.05, THROW_ALWAYS = 0.15, NO_OUT = 1e-6;
static const double MOVING = 0.5, PAST = 0.5, CLOSE = 20.0, HARDLY = 0.005, LATE = 0.2, NOTHING = 1e-9;

typedef struct {
    double speed, slows, rest, ends, step, along[LOOKS], seconds[LOOKS], scooped[LOOKS], hop[LOOKS], hurried[LOOKS];
    int even, count, rests, slow;
} Way;
typedef struct {
    double x, y, coverAt, until, sharp, gain, more, onward, moreSharp, caught[61];
} Goal;
typedef struct {
    int there;
    double pivot, offTheBag, flight, coverAt, tag, caught, runnerAt, spread, wild;
} Onward;
typedef struct {
    int base, then, cover, needsGoing;
    double x, y, runner, tag, spread, coverAt, terms[2][5];
    Onward onward, own;
} Aim;
typedef struct {
    int number, goals, aims;
    double x, y, reaction, exchange, slowExchange, arm, hands, scatter, held, latest, most;
    double within[5], run[160], share[160], flights[401];
    Goal goal[8];
    Aim aim[8];
} Fielder;
typedef struct {
    double x, y, along, seconds, spare, moving, onX, onY, clean, exchange, front, gone;
} Met;
typedef struct {
    double clean, again, front, gone, share;
} Had;

static double reach, turnThrow, dives, pivotKept, gonePitch, slowBall, blur;
static int perfect, isFree, directions, speeds, runs;
static Way way[64];
static Fielder who[FIELDERS + 1];
static double sine[64], cosine[64], weight[BALLS], past[BALLS];
static double along[FIELDERS + 1][BALLS], saves[FIELDERS + 1][BALLS];
static Met met[FIELDERS + 1][BALLS];
static Had had[FIELDERS + 1][BALLS];
static char isMet[FIELDERS + 1][BALLS], isHad[FIELDERS + 1][BALLS];
static double needs[LOOKS], throws[LOOKS][8][6];
static char hasNeed[LOOKS], hasThrows[LOOKS];
static double directionSine, directionCosine;

static double get(void) {
    char word[64];
    if (1 != scanf("%63s", word)) {
        fputs("the input ends too soon\n", stderr);
        exit(1);
    }
    return strtod(word, NULL);
}

static double between(double low, double x, double high) { return x < low ? low : x > high ? high : x; }

static double table(const double *of, double feet, double beyond) {
    if (feet < 1.0) {
        return feet <= 0.0 ? 0.0 : feet * of[8];
    }
    double entry = 8.0 * sqrt(feet);
    int low = (int) entry;
    return low + 1 < runs ? of[low] + (entry - low) * (of[low + 1] - of[low]) : beyond;
}

static double flight(const Fielder *f, double feet) {
    int foot = (int) feet;
    return f->flights[foot] + (feet - foot) * (f->flights[foot + 1] - f->flights[foot]);
}

static double handTurn(const Fielder *f, double across, double feet) {
    double side = across * f->arm;
    return side <= 0.0 || feet <= 20.0 ? 0.0 : 0.1 * side * fmin(1.0, (feet - 20.0) / 40.0);
}

static double exchangeShare(double feet) { return 1 - between(0.0, 0.5 + (45.0 - feet) / 10.0, 1.0) * 0.08; }

static double caught(const Fielder *f, int base, double feet, double moving) {
    double wide = feet * f->scatter * (1 + MOVING * moving);
    return perfect ? 1.0 : f->held * (wide < 1e-6 ? 1.0 : 1 - exp(-f->within[base] * f->within[base] / (2 * wide * wide)));
}

static double secondsTo(const Way *w, double feet) {
    double left = w->speed * w->speed - 2 * w->slows * feet;
    return left < 0.0 ? INFINITY : (w->speed - sqrt(left)) / w->slows;
}

static double needFor(const Fielder *f, double feet) {
    double dx = feet * directionSine - f->x, dy = feet * directionCosine - f->y;
    return f->reaction + table(f->run, sqrt(dx * dx + dy * dy) - reach, INFINITY);
}

static double need(const Fielder *f, const Way *w, int look) {
    if (look >= w->even) {
        return needFor(f, w->along[look]);
    }
    if (!hasNeed[look]) {
        needs[look] = needFor(f, w->along[look]);
        hasNeed[look] = 1;
    }
    return needs[look];
}

static void throwsFrom(const Fielder *f, double feet, double to[8][6]) {
    double x = feet * directionSine, y = feet * directionCosine, dx = x - f->x, dy = y - f->y;
    double run = sqrt(dx * dx + dy * dy), share = table(f->share, run - reach, 1.0);
    for (int g = 0; g < f->goals; ++g) {
        double tx = f->goal[g].x - x, ty = f->goal[g].y - y, far = sqrt(tx * tx + ty * ty);
        double ahead = run > 0.0 && far > 0.0 ? (dx * tx + dy * ty) / (run * far) : 1.0;
        to[g][0] = exchangeShare(far);
        to[g][1] = flight(f, far) + (tx * f->arm > 0.0 ? handTurn(f, tx / far, far) : 0.0);
        to[g][2] = share * (1 - ahead) / 2;
        to[g][3] = far / EVERY;
        to[g][4] = far < CARRIES ? table(f->run, far, INFINITY) : INFINITY;
        to[g][5] = MOVING * share * far / EVERY;
    }
}

static double saved(const Fielder *f, double seconds, double own, double running, double to[8][6]) {
    double moving = turnThrow * running, most = 0.0;
    for (int g = 0; g < f->goals; ++g) {
        const Goal *goal = &f->goal[g];
        double at = seconds + own * to[g][0] + to[g][1] + moving * to[g][2];
        int entry = (int) (to[g][3] + running * to[g][5]);
        double held = entry <= 60 ? goal->caught[entry] : 0.0, save = goal->gain;
        at = at < goal->coverAt ? goal->coverAt : at;
        if (seconds + to[g][4] < at) {
            at = seconds + to[g][4];
            held = 1.0;
        }
        if (goal->more > 0.0) {
            save += goal->more / (1 + exp((at - goal->onward) * goal->moreSharp));
        }
        save *= held / (1 + exp((at - goal->until) * goal->sharp));
        most = save > most ? save : most;
    }
    return most;
}

static double hands(const Fielder *f) { return perfect ? 0.0 : f->hands; }

static int climb(const Fielder *f, const Way *w, int first, int start, int best, double *least) {
    double scoops = f->exchange * (f->slowExchange - 1), fades = hands(f) > 0.0 ? STRETCH - dives : -INFINITY;
    int last = w->count - 1, isUp = 0, step = 1, look = start;
    for (;;) {
        double value = -1.0;
        if (look >= first && look <= last) {
            double needed = need(f, w, look), seconds = w->seconds[look];
            if (look == last && needed > seconds && w->rests) {
                seconds = needed;
            }
            double spare = seconds - needed;
            if (spare >= -dives) {
                double own = f->exchange + w->scooped[look] * scoops, running = 1.0, other[8][6];
                if (spare < 0.0) {
                    own -= spare * DIVE_COSTS;
                } else {
                    running = spare < SET ? 1 - spare / SET : 0.0;
                }
                if (look < w->even && !hasThrows[look]) {
                    throwsFrom(f, w->along[look], throws[look]);
                    hasThrows[look] = 1;
                } else if (look >= w->even) {
                    throwsFrom(f, w->along[look], other);
                }
                value = saved(f, seconds, own, running, look < w->even ? throws[look] : other);
                value *= spare < fades ? (spare + dives) / STRETCH : 1.0;
                if (hands(f) > 0.0) {
                    value *= exp(-hands(f) * (w->hop[look] + w->hurried[look] * exp(-spare / HURRY_FADES)));
                }
            }
        }
        if (value > *least) {
            isUp = isUp || look > start;
            best = look;
            *least = value;
            look += step;
        } else if (1 == step && !isUp) {
            step = -1;
            look = start - 1;
        } else {
            return best;
        }
    }
}

static int isThere(const Fielder *f, const Way *w, int look) { return w->seconds[look] >= need(f, w, look) - dives; }

static int firstLook(const Fielder *f, const Way *w, int low, double nearest, double beside) {
    int last = w->count - 1, high = (int) (beside / w->step) - FIRST_LOOK;
    high = high < w->even - 1 ? high : w->even - 1;
    if (low <= high && isThere(f, w, high)) {
        while (low < high) {
            int middle = (low + high) / 2;
            if (isThere(f, w, middle)) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return high;
    }
    int look = low > high + 1 ? low : high + 1;
    look = look < last ? look : last;
    for (; look < last; ++look) {
        if (w->seconds[look] >= nearest) {
            double there = need(f, w, look) - dives;
            if (w->seconds[look] >= there) {
                break;
            }
            nearest = w->along[look] > beside ? there : nearest;
        }
    }
    return look;
}

static void awkward(double speed, double seconds, double of[3]) {
    double share = speed / 75.0, root = sqrt(share), steady = speed < 15.0 ? 0.44721359549995793 : root;
    of[0] = 0.011 * steady;
    of[1] = 0.22 * steady;
    of[2] = 1.3 * exp(-seconds / 0.4) * share * root;
}

static double exchangeOff(const Fielder *f, double speed) {
    return f->exchange * (1 + between(0.0, 0.5 + (slowBall - speed) / blur, 1.0) * (f->slowExchange - 1));
}

static double reached(double spare) { return between(0.0, (spare + DIVES) / STRETCH + 0.5, 1.0); }

static double worthAt(const Fielder *f, const Way *w, double seconds, double needed, double feet) {
    double spare = seconds - needed, to[8][6], of[3];
    if (spare < -dives || seconds > f->latest) {
        return 0.0;
    }
    double speed = fmax(0.0, w->speed - w->slows * seconds);
    throwsFrom(f, feet, to);
    double value = saved(f, seconds, exchangeOff(f, speed) + fmax(0.0, -spare) * DIVE_COSTS,
                         1 - fmin(1.0, fmax(0.0, spare) / SET), to);
    if (hands(f) <= 0.0) {
        return value;
    }
    awkward(speed, seconds, of);
    return value * reached(spare) * exp(-hands(f) * (of[0] + of[2] + of[1] * exp(-spare / HURRY_FADES)));
}

static void search(int n, int direction, int from, int to) {
    const Fielder *f = &who[n];
    double s = directionSine = sine[direction], c = directionCosine = cosine[direction];
    double aside = fabs(f->x * c - f->y * s), beside = f->x * s + f->y * c;
    double needed = f->reaction + table(f->run, aside - reach, INFINITY), nearest = needed - dives;
    int close = beside > 0.0 && aside < CLOSE, low = 0;
    double leaves = beside + (aside < reach ? sqrt(reach * reach - aside * aside) : 0.0);
    for (int look = 0; look < LOOKS; ++look) {
        hasNeed[look] = hasThrows[look] = 0;
    }
    for (int index = from; index < to; ++index) {
        const Way *w = &way[index];
        int last = w->count - 1, ball = direction * speeds + index;
        along[n][ball] = NEVER;
        saves[n][ball] = 0.0;
        if (!w->rests && (2 == n || nearest > w->seconds[last])) {
            continue;
        }
        int first = firstLook(f, w, low, nearest, beside);
        low = first < w->even ? first : w->even;
        if (first == last && !close && !w->rests && !isThere(f, w, last)) {
            continue;
        }
        if (w->seconds[first] > f->latest) {
            if (!(isinf(need(f, w, first)) || (!(w->rests && first == last) && !isThere(f, w, first)))) {
                along[n][ball] = w->along[first];
                saves[n][ball] = NOTHING;
            }
            continue;
        }
        double most = 0.0;
        int later = first + (f->goals > 1 ? 1 : 2);
        int look = climb(f, w, first, later < last ? later : last, -1, &most);
        if (w->slow && look < w->slow) {
            look = climb(f, w, first, first > w->slow ? first : w->slow, look, &most);
        }
        double feet = look < 0 ? NEVER : w->along[look];
        if (close && leaves < w->along[last]) {
            double there = secondsTo(w, leaves), at = leaves, value = worthAt(f, w, there, needed, leaves);
            if (aside > reach && there < needed) {
                double foot = table(f->run, aside - reach + 1.0, INFINITY) - table(f->run, aside - reach, INFINITY);
                double gains = foot * fmax(0.0, w->speed - w->slows * there);
                double farther = beside + aside / fmax(1.0, sqrt(fmax(1.0, gains * gains - 1)));
                if (farther < w->along[last]) {
                    double late = worthAt(f, w, secondsTo(w, farther), needFor(f, farther), farther);
                    at = late > value ? farther : at;
                    value = late > value ? late : value;
                }
            }
            if (value > most) {
                int start = (int) round(at / w->step) - FIRST_LOOK;
                feet = at;
                most = value;
                start = start < last ? start : last;
                look = climb(f, w, first, start > first ? start : first, -1, &most);
                feet = look < 0 ? feet : w->along[look];
            }
        }
        along[n][ball] = feet;
        saves[n][ball] = most;
    }
}

static const Met *meet(int n, int direction, int index) {
    int ball = direction * speeds + index;
    Met *m = &met[n][ball];
    if (isMet[n][ball]) {
        return m;
    }
    const Fielder *f = &who[n];
    const Way *w = &way[index];
    double feet = along[n][ball], of[3];
    m->x = feet * sine[direction];
    m->y = feet * cosine[direction];
    double x = m->x - f->x, y = m->y - f->y, run = sqrt(x * x + y * y), beyond = run - reach;
    double there = f->reaction + table(f->run, beyond, INFINITY), rolls = secondsTo(w, feet);
    m->along = feet;
    m->seconds = isinf(rolls) || feet >= w->rest - 1e-9 ? fmax(w->ends, there) : rolls;
    m->spare = m->seconds - there;
    double speed = fmax(0.0, w->speed - w->slows * m->seconds);
    awkward(speed, fmin(m->seconds, w->ends), of);
    m->moving = table(f->share, beyond, 1.0) * (1 - fmin(1.0, fmax(0.0, m->spare) / SET));
    m->onX = run > 0.0 ? x / run : 0.0;
    m->onY = run > 0.0 ? y / run : 0.0;
    m->clean = perfect ? 1.0
                       : reached(m->spare) * exp(-f->hands * (of[0] + of[2] + of[1] * exp(-m->spare / HURRY_FADES)));
    m->exchange = exchangeOff(f, speed) + (m->spare < 0.0 ? -m->spare * DIVE_COSTS : 0.0);
    double upright = between(0.0, (m->spare + UPRIGHT) / (2 * UPRIGHT), 1.0);
    m->front = fmax(0.0, reached(m->spare) - m->clean) * (IN_FRONT_DIVING + upright * (IN_FRONT - IN_FRONT_DIVING));
    m->gone = 1 - m->clean - m->front;
    isMet[n][ball] = 1;
    return m;
}

static void ending(const Aim *a, int alone, double outAt, double first, double held, double costs[2], double *two) {
    const Onward *on = alone ? &a->own : &a->onward;
    double both = 0.0, wild = 0.0, kept = 0.0, tries = 0.0;
    if (on->there && first >= NO_OUT) {
        kept = alone ? first : first * pivotKept;
        double second = outAt + (alone ? on->offTheBag : on->pivot) + on->flight;
        double out = (second > on->coverAt ? second : on->coverAt) + on->tag;
        both = kept * on->caught / (1 + exp((out - on->runnerAt) / on->spread));
        wild = kept * on->wild;
    }
    if (kept > 0.0) {
        tries = between(0.0, (both / kept - THROW_NEVER) / (THROW_ALWAYS - THROW_NEVER), 1.0);
    }
    if (a->terms[1][2] * both + a->terms[1][3] * wild >= 0.0) {
        tries = 0.0;
    }
    both *= tries;
    wild *= tries;
    double by = alone || a->cover ? (1 - held) * PAST : 0.0;
    for (int goes = 0; goes < 2; ++goes) {
        const double *t = a->terms[goes];
        costs[goes] = t[0] + t[1] * first + t[2] * both + t[3] * wild + t[4] * by;
    }
    *two = both;
}

static void attempt(const Fielder *f, const Aim *a, const Met *m, double delay, double costs[2], double *two) {
    double x = a->x - m->x, y = a->y - m->y, feet = sqrt(x * x + y * y), has = m->seconds + delay;
    double moving = delay > 0.0 ? 0.0 : m->moving, released = has + m->exchange * exchangeShare(feet);
    if (feet > 0.0) {
        released += turnThrow * moving * (1 - (m->onX * x + m->onY * y) / feet) / 2 +
                    (x * f->arm > 0.0 ? handTurn(f, x / feet, feet) : 0.0);
    }
    double ball = released + flight(f, feet), out = (ball > a->coverAt ? ball : a->coverAt) + a->tag;
    double held = caught(f, a->base, feet, moving);
    double first = a->cover ? held / (1 + exp((out - a->runner) / a->spread)) : 0.0;
    ending(a, 0, out, first, held, costs, two);
    if (feet < CARRIES) {
        double own = has + table(f->run, feet, INFINITY) + a->tag, other[2], more;
        double alone = 1 / (1 + exp((own - a->runner) / a->spread));
        if (alone >= first - GIVEN_UP) {
            ending(a, 1, own, alone, 1.0, other, &more);
            if (other[1] < costs[1]) {
                costs[0] = other[0];
                costs[1] = other[1];
                *two = more;
            }
        }
    }
}

static double made(const Fielder *f, const Met *m, double delay) {
    double costs[8][2], two;
    int best[2] = {0, 0};
    for (int a = 0; a < f->aims; ++a) {
        attempt(f, &f->aim[a], m, delay, costs[a], &two);
        best[1] = costs[a][1] < costs[best[1]][1] ? a : best[1];
        best[0] = costs[a][0] < costs[best[0]][0] && !f->aim[a].needsGoing ? a : best[0];
    }
    int goes = !isFree || costs[best[1]][1] > costs[best[0]][0];
    int one = best[goes];
    return gonePitch <= 0.0 || 0 == one ? costs[one][goes]
                                        : (1 - gonePitch) * costs[one][goes] + gonePitch * costs[0][goes];
}

static const Had *hold(int n, int direction, int index) {
    int ball = direction * speeds + index;
    Had *h = &had[n][ball];
    if (!isHad[n][ball]) {
        const Met *m = meet(n, direction, index);
        int sure = m->clean > 1 - 1e-9;
        h->share = sure ? 1.0 : m->clean;
        h->clean = made(&who[n], m, 0.0);
        h->again = sure ? 0.0 : made(&who[n], m, PICKED_UP * who[n].exchange);
        h->front = sure ? 0.0 : m->front;
        h->gone = sure ? 0.0 : m->gone;
        isHad[n][ball] = 1;
    }
    return h;
}

static double with(const Had *h, double behind) {
    return h->share * h->clean + h->front * h->again + h->gone * behind;
}

static double played(const int pair[2], int direction, int index) {
    int ball = direction * speeds + index;
    if (!pair[0]) {
        return past[ball];
    }
    const Had *h = hold(pair[0], direction, index);
    if (!pair[1] || h->gone < HARDLY) {
        return with(h, past[ball]);
    }
    double his = with(hold(pair[1], direction, index), past[ball]);
    return with(h, BEHIND * his + (1 - BEHIND) * past[ball]);
}

static int behind(int n, int ball, double *most) {
    int second = 0;
    *most = 0.0;
    for (int k = 1; k <= FIELDERS; ++k) {
        if (along[k][ball] > along[n][ball] && saves[k][ball] > *most) {
            second = k;
            *most = saves[k][ball];
        }
    }
    return second;
}

static double roughly(const int pair[2], int direction, int index, double late) {
    int ball = direction * speeds + index;
    const Met *m = meet(pair[0], direction, index);
    double mine = saves[pair[0]][ball], his = pair[1] ? BEHIND * saves[pair[1]][ball] : 0.0;
    return mine + late * m->front * mine / fmax(1e-12, m->clean) + m->gone * his;
}

static double cost(int direction, int index) {
    int ball = direction * speeds + index, pairs[FIELDERS][2], count = 1, first = 0;
    double most = 0.0, his;
    for (int n = 1; n <= FIELDERS; ++n) {
        if (saves[n][ball] > most) {
            first = n;
            most = saves[n][ball];
        }
    }
    if (!first) {
        return past[ball];
    }
    pairs[0][0] = first;
    pairs[0][1] = behind(first, ball, &his);
    for (int n = 1; n <= FIELDERS; ++n) {
        if (who[n].most > 0.0 && saves[n][ball] > 0.0 && n != first) {
            int second = behind(n, ball, &his);
            double kept = IN_FRONT + (1 - IN_FRONT) * BEHIND * his / who[n].most;
            if (saves[n][ball] + (who[n].most - saves[n][ball]) * kept > most) {
                pairs[count][0] = n;
                pairs[count++][1] = second;
            }
        }
    }
    double best = played(pairs[0], direction, index);
    double least = count > 1 ? roughly(pairs[0], direction, index, LATE) : 0.0;
    for (int next = 1; next < count; ++next) {
        if (roughly(pairs[next], direction, index, 1.0) > least) {
            double other = played(pairs[next], direction, index);
            best = other < best ? other : best;
        }
    }
    return best;
}

static double map(void) {
    double whole = 0.0;
    for (int n = 1; n <= FIELDERS; ++n) {
        for (int ball = 0; ball < directions * speeds; ++ball) {
            isMet[n][ball] = isHad[n][ball] = 0;
        }
        for (int direction = 0; direction < directions; ++direction) {
            search(n, direction, 0, speeds);
        }
    }
    for (int direction = 0; direction < directions; ++direction) {
        for (int index = 0; index < speeds; ++index) {
            whole += weight[direction * speeds + index] * cost(direction, index);
        }
    }
    return whole;
}

/* Two or one: of balls hit at one fielder, the chances of two against batters who are so fast, summed up. */
static double chart(int n, int times, const double *homeToFirst, double spread) {
    double whole = 0.0, costs[2], two;
    Fielder *f = &who[n];
    for (int index = 0; index < speeds; ++index) {
        isMet[n][index] = 0;
        search(n, 0, index, index + 1);
    }
    for (int time = 0; time < times; ++time) {
        for (int k = 0; k < f->aims; ++k) {
            Aim *a = &f->aim[k];
            if (1 == a->base) {
                a->runner = homeToFirst[time];
                a->spread = spread;
            }
            if (1 == a->then) {
                a->onward.runnerAt = a->own.runnerAt = homeToFirst[time];
                a->onward.spread = a->own.spread = spread;
            }
        }
        for (int index = 0; index < speeds; ++index) {
            double most = 0.0;
            for (int k = 0; k < f->aims && NEVER != along[n][index]; ++k) {
                if (!f->aim[k].needsGoing && 4 != f->aim[k].base) {
                    attempt(f, &f->aim[k], meet(n, 0, index), 0.0, costs, &two);
                    most = two > most ? two : most;
                }
            }
            whole += most;
        }
    }
    return whole;
}

static void readOnward(Onward *on) {
    on->there = (int) get();
    on->pivot = get();
    on->offTheBag = get();
    on->flight = get();
    on->coverAt = get();
    on->tag = get();
    on->caught = get();
    on->runnerAt = get();
    on->spread = get();
    on->wild = get();
}

static void readFielder(void) {
    int n = (int) get();
    Fielder *f = &who[n];
    double *plain[] = {&f->x, &f->y, &f->reaction, &f->exchange, &f->slowExchange, &f->arm,
                       &f->hands, &f->scatter, &f->held, &f->latest, &f->most};
    f->number = n;
    for (unsigned k = 0; k < sizeof plain / sizeof *plain; ++k) {
        *plain[k] = get();
    }
    for (int base = 1; base <= 4; ++base) {
        f->within[base] = get();
    }
    for (int k = 0; k < runs; ++k) {
        f->run[k] = get();
        f->share[k] = get();
    }
    for (int k = 0; k <= 400; ++k) {
        f->flights[k] = get();
    }
    f->goals = (int) get();
    for (int g = 0; g < f->goals; ++g) {
        Goal *goal = &f->goal[g];
        double *of[] = {&goal->x, &goal->y, &goal->coverAt, &goal->until, &goal->sharp,
                        &goal->gain, &goal->more, &goal->onward, &goal->moreSharp};
        for (unsigned k = 0; k < sizeof of / sizeof *of; ++k) {
            *of[k] = get();
        }
        for (int k = 0; k <= 60; ++k) {
            goal->caught[k] = get();
        }
    }
    f->aims = (int) get();
    for (int k = 0; k < f->aims; ++k) {
        Aim *a = &f->aim[k];
        double *of[] = {&a->x, &a->y, &a->runner, &a->tag, &a->spread, &a->coverAt};
        a->base = (int) get();
        a->then = (int) get();
        a->cover = (int) get();
        a->needsGoing = (int) get();
        for (unsigned i = 0; i < sizeof of / sizeof *of; ++i) {
            *of[i] = get();
        }
        for (int i = 0; i < 10; ++i) {
            a->terms[i / 5][i % 5] = get();
        }
        readOnward(&a->onward);
        readOnward(&a->own);
    }
}

int main(void) {
    double *plain[] = {&reach, &turnThrow, &dives, &pivotKept, &gonePitch, &slowBall, &blur};
    for (unsigned k = 0; k < sizeof plain / sizeof *plain; ++k) {
        *plain[k] = get();
    }
    perfect = (int) get();
    isFree = (int) get();
    runs = (int) get();
    directions = (int) get();
    speeds = (int) get();
    for (int k = 0; k < speeds; ++k) {
        Way *w = &way[k];
        w->speed = get();
        w->slows = get();
        w->step = get();
        w->even = (int) get();
        w->count = (int) get();
        w->rests = (int) get();
        w->slow = (int) get();
        w->rest = w->speed * w->speed / (2 * w->slows);
        w->ends = w->speed / w->slows;
        for (int look = 0; look < w->count; ++look) {
            w->along[look] = get();
            w->seconds[look] = get();
            w->scooped[look] = get();
            w->hop[look] = get();
            w->hurried[look] = get();
        }
    }
    for (int k = 0; k < directions; ++k) {
        sine[k] = get();
        cosine[k] = get();
    }
    for (int k = 0; k < directions * speeds; ++k) {
        weight[k] = get();
        past[k] = get();
    }
    for (int n = 0; n < FIELDERS; ++n) {
        readFielder();
    }
    int starter = (int) get(), times = (int) get();
    double homeToFirst[64], spread = get();
    for (int k = 0; k < times; ++k) {
        homeToFirst[k] = get();
    }
    double least = INFINITY, comes = 0.0;
    for (int round = 0; round < 200; ++round) {
        struct timespec from, to;
        clock_gettime(CLOCK_PROCESS_CPUTIME_ID, &from);
        comes = starter ? chart(starter, times, homeToFirst, spread) : map();
        clock_gettime(CLOCK_PROCESS_CPUTIME_ID, &to);
        least = fmin(least, (to.tv_sec - from.tv_sec) * 1e3 + (to.tv_nsec - from.tv_nsec) / 1e6);
    }
    printf("%.6f %.12f\n", least, comes);
    return 0;
}
