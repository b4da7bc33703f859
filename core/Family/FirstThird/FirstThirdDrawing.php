<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\Verdict;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Stop;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\TimelineBuilder;
use FoxCorner\Core\Play\Clock\Voice;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Running\BetweenPitches;
use FoxCorner\Core\Play\Scene\PlaySetting;

/** A first-and-third steal as it is drawn. */
final readonly class FirstThirdDrawing
{
    public function __construct(private FirstThirdPlay $play) {}

    public function timeline(): Timeline
    {
        $scene = $this->play->scene;
        $race = $this->play->race;
        $third = $this->play->onThird;
        $first = $this->play->first;

        $stays = ThirdRunner::Stays === $this->play->third;
        $isDelayed = GoesWhen::Delayed === $this->play->trial->when;
        $drawn = TimelineBuilder::of(
            PlaySetting::betweenPitches($scene, [Base::Second->value => $race->firstThere()]),
            $this->play->coverage,
            $this->play->trial,
        )
            ->moves($this->play->errands->moves())
            ->ball(BetweenPitches::ball($scene, $this->isEarly() ? null : $this->toPlate(), $this->flights()))
            ->runners([
                $third->name() => $stays
                    ? $third->standing($scene)
                    : $third->running($scene, $race->thirdStarts($this->play->third), $race->off()),
                $first->name() => $first->running(
                    $scene,
                    $this->starts(),
                    $isDelayed ? $race->firstOff() : $first->lead,
                ),
            ])
            ->voices($this->voices())
            ->ends([], $this->play->isHome() ? $third->name() : null)
            ->title($this->title())
            ->goingOn($this->play->caught());
        foreach ($this->legs() as $leg) {
            $drawn->leg($leg);
        }

        return $this->told($drawn)->timeline();
    }

    private function isEarly(): bool
    {
        return GoesWhen::Early === $this->play->trial->when;
    }

    private function toPlate(): float
    {
        return $this->play->race->toPlate();
    }

    private function starts(): float
    {
        return $this->play->race->firstStarts();
    }

    private function from(): Point
    {
        return $this->isEarly() ? $this->play->scene->rules->diamond()->pitchersPlate() : Point::home();
    }

    /** Where it is stopped on its way home: in front of second, on the mound, at the bag. */
    private function stop(): Point
    {
        $second = $this->play->scene->bag(Base::Second);
        $feet = $this->play->race->stop($this->play->school)[1] ?? 0.0;

        return School::Through === $this->play->school ? $second : Point::home()->toward($second, $feet);
    }

    /** @return list<array{Point, float}> */
    private function flights(): array
    {
        $made = $this->play->made();
        $from = [$this->from(), $made->released];
        if (School::Concede === $this->play->school) {
            return [$from];
        }
        if ($this->play->isHome()) {
            $cut = $this->play->race->cutAt($this->play->school);

            return [
                $from,
                [$this->stop(), $cut],
                [$this->stop(), $cut + $this->play->race->exchanging($this->play->school)],
                [Point::home(), $made->ballThere],
            ];
        }

        return match ($this->play->school) {
            School::ShortCut, School::ToPitcher => [
                $from,
                [$this->stop(), $this->play->race->cutAt($this->play->school)],
            ],
            School::FeintThird => [
                [$this->from(), $made->released + FirstThirdRace::FEINT],
                [$this->play->scene->bag(Base::Third), $made->ballThere],
            ],
            default => [$from, [$this->play->scene->bag(Base::Second), $this->play->race->atSecond()]],
        };
    }

    /** @return non-empty-list<Leg> */
    private function legs(): array
    {
        $made = $this->play->made();
        $by = $this->play->scene->cast->at($this->play->firstBy());
        $has = $this->isEarly() ? 0.0 : $this->toPlate();
        $first = Possession::atBag($by, $this->from(), $has, $made->released - $has);
        if (!$this->play->isHome()) {
            return [new Leg($first, [$made], $made)];
        }
        $cut = $this->play->race->cutAt($this->play->school);
        $who = $this->play->cutter() ?? ($this->play->errands->taker(Base::Second) ?? Position::SecondBase);
        $again = $cut + $this->play->race->exchanging($this->play->school);

        return [
            new Leg($first, [$made], $made, new Stop($who, $this->stop(), $cut)),
            new Leg(
                Possession::atBag($this->play->scene->cast->at($who), $this->stop(), $cut, $again - $cut),
                [$made],
                $made->from($again),
            ),
        ];
    }

    private function told(TimelineBuilder $drawn): TimelineBuilder
    {
        $made = $this->play->made();
        $race = $this->play->race;
        $isHeld = School::Concede === $this->play->school;
        $drawn
            ->moment(EventKind::Contact, 0.0, BetweenPitches::begins($this->play->scene))
            ->moment(EventKind::Released, $made->released, $isHeld ? 'Held' : 'Thrown')
            ->moment(EventKind::RunnerThere, $race->firstThere(), 'R1 there')
            ->moment(EventKind::Fielded, $this->isEarly() ? \INF : $this->toPlate(), 'At the plate')
            ->moment(EventKind::Arrives, $made->outAt, 'Tag at ' . $made->base->word());
        if ($this->play->isHome()) {
            $drawn->moment(EventKind::Fielded, $race->cutAt($this->play->school), 'Cut');
            $drawn->moment(EventKind::RunnerThere, $race->thirdThere($this->play->third), 'R3 there');
        }

        return $drawn;
    }

    /** @return list<Voice> */
    private function voices(): array
    {
        $goes = ThirdRunner::Stays !== $this->play->third;
        $cutter = $this->play->cutter();
        if (!$goes || null === $cutter) {
            return [];
        }

        return [
            new Voice(
                $this->play->race->thirdStarts($this->play->third),
                Position::ThirdBase,
                $cutter,
                [VoiceWord::Going],
                'Cut it, and home.',
            ),
        ];
    }

    private function title(): string
    {
        $made = $this->play->made();
        if (null === $made->cover) {
            return ThirdRunner::Stays === $this->play->third || School::Concede === $this->play->school
                ? 'Second is given, R3 stays'
                : 'R3 goes, and nobody throws';
        }
        $who = match ($made->base) {
            Base::Home, Base::Third => 'R3',
            default => 'R1',
        };
        $where = $made->base->word();
        $safe = Base::Third === $made->base ? 'back at' : 'safe at';

        return Verdict::on($made)->words("$who is out at $where", "$who is $safe $where");
    }
}
