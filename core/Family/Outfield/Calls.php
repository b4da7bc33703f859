<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\Voice;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Scheme\Verb;

/** Who says what when, on a ball to the outfield. */
final class Calls
{
    /** s before the cutoff man has the ball at which he must know what to do with it (ours). */
    private const BEFORE_CUT = 0.5;
    /** s before the ball is picked up at which the neighbour tells where to throw (ours). */
    private const BEFORE_PICKUP = 0.6;
    /** s after contact at which a catcher sees that a ball is over an outfielder (ours). */
    private const SEES_TANDEM = 1.2;

    /** @return list<Voice> in order of time */
    public static function on(OutfieldPlay $play, Ending $made): array
    {
        if ($play->isLetDrop()) {
            return [self::drop($play)];
        }
        $calls = [
            ...self::tandem($play),
            ...self::neighbour($play, $made),
            ...self::tagging($play),
            ...self::cut($play, $made),
        ];
        usort($calls, static fn(Voice $a, Voice $b): int => $a->seconds <=> $b->seconds);

        return $calls;
    }

    /** Called as soon as it is seen that the ball is foul and too deep to throw anybody out. */
    private static function drop(OutfieldPlay $play): Voice
    {
        return new Voice(
            self::SEES_TANDEM,
            Position::Catcher,
            $play->firstBy(),
            [VoiceWord::Drop],
            'Foul and deep: caught, the run scores that decides it. Down, it is a strike.',
        );
    }

    /** @return list<Voice> */
    private static function tandem(OutfieldPlay $play): array
    {
        $trail = $play->trails();
        if (null === $trail || null === $play->ways->cut) {
            return [];
        }
        $lead = $play->ways->cut;

        return [
            new Voice(
                self::SEES_TANDEM,
                Position::Catcher,
                $trail,
                [VoiceWord::Tandem],
                'Two go out: the lead man in the line, the other behind him.',
            ),
            new Voice(
                $play->made()->way->cutAt ?? $play->ball->seconds,
                $trail,
                $lead->who->position,
                [VoiceWord::LetGo],
                'Only if the throw sails or skips: the man behind has it.',
            ),
        ];
    }

    /** @return list<Voice> */
    private static function neighbour(OutfieldPlay $play, Ending $made): array
    {
        foreach ($play->jobs as $number => $own) {
            if (Verb::BehindBall === $own[0]->verb) {
                return [
                    new Voice(
                        max(0.0, $play->ball->seconds - self::BEFORE_PICKUP),
                        Position::from($number),
                        $play->ball->by->position,
                        [VoiceWord::base($play->ways->lineOf($made->way))],
                        'How far, and where the throw goes: he cannot see the runners.',
                    ),
                ];
            }
        }

        return [];
    }

    /** @return list<Voice> */
    private static function tagging(OutfieldPlay $play): array
    {
        $lead = $play->runners[0] ?? null;
        if (BallKind::Caught !== $play->kind || null === $lead || $play->advance->ends[$lead->from] === $lead->from) {
            return [];
        }
        $by = $play->ways->to(Base::from($lead->from))->cover ?? Position::Shortstop;

        return [new Voice($lead->starts, $by, $play->ball->by->position, [VoiceWord::Going], 'Throw at once.')];
    }

    /** @return list<Voice> what the cutoff man hears, and what he does when he hears nothing */
    private static function cut(OutfieldPlay $play, Ending $made): array
    {
        $cut = $play->ways->cut;
        if (null === $cut) {
            return [];
        }
        $throw = $play->setting->throwing->fromFar($play->ball->possession(), $cut->at);
        $at = $made->way->cutAt ?? $throw->arrives;
        $by = Base::Home === $cut->base ? Position::Catcher : $play->ways->to($cut->base)->cover ?? Position::Catcher;
        [$words, $means] = match (true) {
            null === $made->runner && $made->way->isCut() => [[VoiceWord::Cut], 'Hold it: nobody goes on.'],
            $made->way->isCut() => [
                [VoiceWord::Cut, VoiceWord::base($made->way->base)],
                "Cut it and throw to {$made->way->base->word()}.",
            ],
            $made->way->base === $cut->base => [
                [],
                'Nothing said: it goes through. Face the trailing runner, hands up, as if to cut it.',
            ],
            default => [
                [VoiceWord::base($made->way->base)],
                "The throw goes straight to {$made->way->base->word()}: stay on the line for the next one.",
            ],
        };

        return [new Voice(max(0.0, $at - self::BEFORE_CUT), $by, $cut->who->position, $words, $means)];
    }
}
