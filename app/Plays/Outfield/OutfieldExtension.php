<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Outfield;

use FoxCorner\App\Plays\Drills\DrillsOfJobs;
use FoxCorner\Core\Family\Outfield\CutMan;
use FoxCorner\Core\Family\Outfield\CutZone;
use FoxCorner\Core\Family\Outfield\OnTheCatch;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Ball\RelayArms;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\Vocabulary;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Skill\SkillFamily;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

final class OutfieldExtension extends AbstractExtension
{
    public function getFunctions(): array
    {
        return [
            new TwigFunction(
                'off_by',
                static fn(CutMan $cut, float $off): float => RelayArms::missesBy(
                    $cut->feet,
                    $cut->place->fromBall,
                    $off,
                ),
            ),
            new TwigFunction(
                'pays_from',
                static fn(OutfieldPlay $play): ?float => $play->ways->cut?->arms->relayPaysFrom(),
            ),
            new TwigFunction(
                'drills_of_job',
                static fn(Timeline $play): array => DrillsOfJobs::of($play, SkillFamily::Relays),
            ),
            new TwigFunction('summary_of', static fn(OutfieldPlay $play): string => $play->title()),
            new TwigFunction('on_the_catch', OnTheCatch::branches(...)),
            new TwigFunction('outline_of', self::outline(...)),
            new TwigFunction('call_of', self::call(...)),
            new TwigFunction('job_words', self::words(...)),
        ];
    }

    /** A job in a word or two, by its key. */
    private static function words(string $key): string
    {
        return 'field' === $key ? 'field it' : lcfirst(Job::ofKey($key)->words);
    }

    /** What the cutoff man hears last, as a heading: “Cut four.” */
    private static function call(Timeline $play, Vocabulary $ours): string
    {
        $cut = null;
        foreach ($play->voices as $voice) {
            $isCutoff = JobKind::Cut === ($play->move($voice->to)->jobs[0] ?? null)?->kind;
            $cut = $isCutoff && [VoiceWord::LetGo] !== $voice->words ? $voice : $cut;
        }
        if (null === $cut) {
            return 'No cutoff here';
        }

        return [] === $cut->words ? 'Nothing: let it go.' : '“' . $ours->saying($cut->words) . '.”';
    }

    /** A zone as a path of a drawing. */
    private static function outline(CutZone $zone): string
    {
        $points = array_map(
            static fn(Point $point): string => \sprintf('%.1f %.1f', $point->x, -$point->y),
            $zone->outline,
        );

        return 'M' . implode('L', $points) . 'Z';
    }
}
