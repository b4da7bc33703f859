<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\Outfield\Ending;
use FoxCorner\Core\Family\Outfield\JobNote;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Family\Outfield\WayIn;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Clock\Because;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\Voice;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Runs\CostUnit;

/** One ball to the outfield: who goes where, which way it comes in, how far everybody runs. */
final readonly class OutfieldPlayQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $plan = PlanInput::read($input);
        $play = OutfieldInput::defence($input, $plan)->play(OutfieldInput::trial($input, $plan->state->rules));
        $timeline = $play->timeline();
        $made = $play->made();

        return [
            'fielded_by' => $play->firstBy()->value,
            'fielded_s' => round($play->ball->seconds, 3),
            'at' => self::point($play->ball->at),
            'reached' => $play->ball->reached->value,
            'kind' => $play->kind->value,
            'play_base' => $play->base->word(),
            'jobs' => self::jobs($play, $timeline),
            'cutoff' => self::cutoff($play),
            'thrown' => self::way($made->way),
            'runner' => $made->runner?->name(),
            'out_chance' => round($made->chance, 4),
            'ends' => (object) $timeline->ends,
            'options' => array_map(
                static fn(Ending $one): array => self::option($one, $play->setting->level->motion->tag),
                $play->endings,
            ),
            'voices' => array_map(self::voice(...), $timeline->voices),
            'title' => $play->title(),
            'because' => Because::of($timeline),
            'cost' => round($made->cost, 4),
            'cost_unit' => CostUnit::Runs === PlanInput::cost($plan)->unit ? 'runs' : 'chance to lose',
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function jobs(OutfieldPlay $play, Timeline $timeline): array
    {
        $jobs = [];
        foreach ($timeline->moves as $number => $move) {
            $jobs[] = [
                'who' => $number,
                'job' => $move->position() === $play->firstBy() ? 'field' : ($move->jobs[0] ?? null)?->key() ?? 'none',
                'words' => JobNote::of($play, $play->spots(), $move)->words,
                'x_ft' => round($move->track->end()->point->x, 1),
                'y_ft' => round($move->track->end()->point->y, 1),
                'there_s' => round($move->there(), 3),
            ];
        }

        return $jobs;
    }

    /** @return array<string, mixed>|null */
    private static function cutoff(OutfieldPlay $play): ?array
    {
        $cut = $play->ways->cut;
        if (null === $cut) {
            return null;
        }
        $trails = false;
        foreach ($play->jobs as $own) {
            $trails = $trails || JobKind::Trail === $own[0]->kind;
        }

        return [
            'who' => $cut->who->position->value,
            ...self::point($cut->at),
            'from_ball_ft' => round($cut->place->fromBall, 1),
            'there_s' => round($cut->there, 3),
            'trail_ft' => $trails ? round($play->spots()->trailFeet(), 1) : null,
        ];
    }

    /** @return array<string, mixed> */
    private static function way(WayIn $way): array
    {
        return [
            'base' => $way->base->word(),
            'released_s' => round($way->released, 3),
            'cut_s' => null === $way->cutAt ? null : round($way->cutAt, 3),
            'there_s' => round($way->arrives, 3),
            'held_s' => round(is_finite($way->there) ? $way->held() : $way->arrives, 3),
            'caught_chance' => round($way->caught, 4),
        ];
    }

    /** @return array<string, mixed> */
    private static function option(Ending $ending, float $tag): array
    {
        $margin = $ending->option($tag)->margin();

        return [
            'base' => $ending->way->base->word(),
            'runner' => $ending->runner?->name(),
            'out_chance' => round($ending->chance, 4),
            'margin_s' => is_finite($margin) ? round($margin, 3) : null,
            'cost' => round($ending->cost, 4),
        ];
    }

    /** @return array<string, mixed> */
    private static function voice(Voice $voice): array
    {
        return [
            'at_s' => round($voice->seconds, 3),
            'by' => $voice->by->value,
            'to' => $voice->to->value,
            'words' => array_map(static fn(VoiceWord $word): string => $word->usual(), $voice->words),
            'means' => $voice->means,
        ];
    }

    /** @return array{x_ft: float, y_ft: float} */
    private static function point(Point $point): array
    {
        return ['x_ft' => round($point->x, 1), 'y_ft' => round($point->y, 1)];
    }
}
