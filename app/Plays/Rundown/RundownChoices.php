<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Rundown;

use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plays\Running\ChoiceGroup;
use FoxCorner\Core\Family\Rundown\RundownPlay;
use FoxCorner\Core\Family\Rundown\RundownTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Runs\PlayCost;

/** What can be picked of a rundown, and what is said beside it. */
final class RundownChoices
{
    /** Throws that are told apart. */
    private const THROWS = [1, 2, 3];
    /** Of the way to the next base, where he may be caught, in words. */
    private const PLACES = ['0.3' => 'Near where he came from', '0.5' => 'Half way', '0.7' => 'Near the next base'];

    private ?RundownPlay $one = null;

    public function __construct(
        private readonly SituationAddress $address,
        private readonly PlannedPlay $planned,
        public readonly RundownTrial $trial,
        private readonly PlayCost $cost,
    ) {}

    /** @return list<ChoiceGroup> */
    public function groups(): array
    {
        $from = $places = [];
        foreach ($this->planned->plan->state->situation->bases->occupied() as $base) {
            $to = $base->next() ?? Base::Home;
            $from[$base->word()] = ucfirst($base->word()) . ' and ' . $to->word();
        }
        $path = $this->planned->plan->state->rules->basePath;
        foreach (self::PLACES as $share => $name) {
            $places[(string) round((float) $share * $path)] = $name;
        }

        return [
            ChoiceGroup::of('Between', 'from', $from, $this->one()->from->word(), $this->address),
            ChoiceGroup::of('Where he is', 'far', $places, (string) round($this->one()->off), $this->address),
            ChoiceGroup::of(
                'The ball',
                'side',
                ['in-front' => 'In front of him', 'behind' => 'Behind him'],
                $this->trial->isBehind ? 'behind' : 'in-front',
                $this->address,
            ),
        ];
    }

    public function one(): RundownPlay
    {
        return $this->one ??= new RundownPlay(
            $this->planned->scene($this->cost),
            $this->planned->coverage ?? throw new \LogicException('It is covered.'),
            $this->trial,
        );
    }

    /** @return array<int, float> chance of the out by the number of throws that are planned */
    public function byThrows(): array
    {
        $play = $this->one();
        $chances = [];
        foreach (self::THROWS as $throws) {
            $chances[$throws] = $play->chase->with($throws, $play->toGo(), $play->gap)->out;
        }

        return $chances;
    }
}
