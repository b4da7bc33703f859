<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Running;

use FoxCorner\App\Plan\Address\FamilyControls;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\WrongLength;
use Symfony\Component\HttpFoundation\InputBag;

/** The controls of a play about runners: each field of its trial is a parameter of the address. */
abstract readonly class RunnersControls implements FamilyControls
{
    private const LONGEST = 60;

    /** @param array<string, string> $parameters field of the trial by the parameter's name */
    protected function __construct(private PlayFamily $family, private array $parameters) {}

    public function family(): string
    {
        return $this->family->key();
    }

    public function read(InputBag $query): array
    {
        $read = [];
        foreach (array_keys($this->parameters) as $name) {
            $value = WrongLength::unlessBetween($name, $query->getString($name), 0, self::LONGEST);
            if ('' !== $value) {
                $read[$name] = $value;
            }
        }

        return $read;
    }

    public function trial(array $carried, Scene $scene): Trial
    {
        $fields = [];
        foreach ($this->parameters as $name => $field) {
            if (isset($carried[$name])) {
                $fields[$field] = $carried[$name];
            }
        }

        return $this->family->trial($fields + $this->usual($scene->state), $scene);
    }

    public function carry(Trial $trial): array
    {
        $fields = $trial->fields();
        $carried = [];
        foreach ($this->parameters as $name => $field) {
            $carried[$name] = isset($fields[$field]) ? (string) $fields[$field] : null;
        }

        return $carried;
    }

    public function folder(): string
    {
        return 'plays/' . $this->family->key();
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

    /** @return array<string, float|string> fields of the trial that is shown when none was asked for */
    protected function usual(GameState $state): array
    {
        return [];
    }
}
