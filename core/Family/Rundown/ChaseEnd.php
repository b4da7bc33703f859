<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

/** What a chase comes to. */
final readonly class ChaseEnd
{
    /**
     * @param float       $out     chance of the out
     * @param float       $throws  that it takes on average
     * @param float|null  $throwAt ft from the runner to the bag that he is run toward, as the first of them is decided;
     *                             null: none
     * @param float|null  $after   s of running until then
     * @param self|null   $next    the chase the other way, when he turns and is not tagged at once
     * @param Turned|null $turned  where he turns; null when he stays on his way
     */
    public function __construct(
        public float $out,
        public float $throws,
        public ?float $throwAt,
        public ?float $after,
        public ?self $next,
        public ?Turned $turned,
    ) {}
}
