<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Address;

use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Component\HttpFoundation\InputBag;

/** The controls of a family that has none of its own: one of the trials that its coverages are audited against. */
final readonly class SampleControls implements FamilyControls
{
    public function __construct(private PlayFamily $family) {}

    public function family(): string
    {
        return $this->family->key();
    }

    public function read(InputBag $query): array
    {
        $typed = $query->getString($this->parameter());
        if ('' === $typed) {
            return [];
        }

        return 1 === preg_match('/^\d{1,3}$/', $typed) ? [$this->parameter() => $typed] : throw $this->unknown($typed);
    }

    public function trial(array $carried, Scene $scene): Trial
    {
        $typed = $carried[$this->parameter()] ?? '1';

        return $this->family->trials($scene)[(int) $typed - 1] ?? throw $this->unknown($typed);
    }

    public function carry(Trial $trial): array
    {
        return [];
    }

    public function choices(SituationAddress $address, PlannedPlay $play, PlayCost $cost): SampleChoices
    {
        $here = $address->trial[$this->parameter()] ?? '1';
        $choices = [];
        foreach ($this->family->trials($play->plan->scene()) as $index => $trial) {
            $number = (string) ($index + 1);
            $choices[] = new Choice(
                "trial-$number",
                $trial->words(),
                $address->with([$this->parameter() => $number]),
                $number === $here,
            );
        }

        return new SampleChoices($choices);
    }

    public function folder(): string
    {
        return 'plays/sample';
    }

    public function mapWindow(RuleSet $rules): Window
    {
        return Window::infield($rules);
    }

    public function playWindow(RuleSet $rules): Window
    {
        return Window::infield($rules);
    }

    public function placedBy(): array
    {
        return [];
    }

    private function parameter(): string
    {
        return $this->family->key();
    }

    private function unknown(string $typed): Problem
    {
        return Refused::because(
            $this->parameter(),
            "there is no number $typed",
            'the number of one of those that can be picked',
        );
    }
}
