<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

/** Another sheet of a practice that was found and waits for somebody to choose. */
final readonly class OtherSheet
{
    /**
     * @param string $setup that it was solved with, JSON
     * @param string $sheet JSON
     * @param float  $was   what the sheet that is kept is worth by the needs that the other was solved for
     */
    public function __construct(public string $setup, public string $sheet, public float $was) {}

    /** @return array{string, string, float} as the constructor takes it */
    public function write(): array
    {
        return [$this->setup, $this->sheet, $this->was];
    }
}
