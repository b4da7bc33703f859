<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

use FoxCorner\Core\InvalidValue;

/** How often each thing happens in a plate appearance, as shares of one; what is left over are outs in play. */
final readonly class EventRates
{
    /** @param float $walk walks and hit batters */
    private function __construct(
        public float $walk,
        public float $single,
        public float $double,
        public float $triple,
        public float $homeRun,
        public float $strikeout,
        public float $error,
    ) {
    }

    /**
     * @param float $walk walks and hit batters
     *
     * @throws InvalidValue when a share is not one, or together they leave no room for outs in play
     */
    public static function of(float $walk, float $single, float $double, float $triple, float $homeRun, float $strikeout, float $error): self
    {
        $shares = ['walk' => $walk, 'single' => $single, 'double' => $double, 'triple' => $triple, 'home run' => $homeRun, 'strikeout' => $strikeout, 'error' => $error];
        foreach ($shares as $name => $share) {
            InvalidValue::unlessBetween($name, $share, 0.0, 0.9, '(share of plate appearances)');
        }
        $sum = array_sum($shares);
        if ($sum > 0.98) {
            throw InvalidValue::because('rates', \sprintf('together they are %.3f', $sum), 'less than 0.98 together: the rest are outs in play');
        }

        return new self($walk, $single, $double, $triple, $homeRun, $strikeout, $error);
    }

    public function outInPlay(): float
    {
        return 1 - $this->walk - $this->single - $this->double - $this->triple - $this->homeRun - $this->strikeout - $this->error;
    }
}
