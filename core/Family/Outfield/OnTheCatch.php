<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;

/** A fly that can be caught, with runners on, as branches: who goes, when he is there, where it is thrown, or down. */
final readonly class OnTheCatch
{
    /**
     * @param OnTheBases   $runner who may go
     * @param Base         $to     the next base
     * @param float        $runs   s from the catch until he is there
     * @param float        $ball   s from the catch until somebody holds the ball there
     * @param float        $safe   the chance that he is, if he goes and it is thrown there
     * @param float        $needs  how sure it pays to be
     * @param list<Ending> $throws that are made at him, when he goes
     */
    private function __construct(
        public OnTheBases $runner,
        public Base $to,
        public float $runs,
        public float $ball,
        public float $safe,
        public float $needs,
        public bool $goes,
        public array $throws,
    ) {}

    /** @return list<self> lead runner first; none when it is no catch, or it is the third out */
    public static function branches(OutfieldPlay $play): array
    {
        if (BallKind::Caught !== $play->kind) {
            return [];
        }
        $branches = [];
        foreach ($play->runners as $runner) {
            $to = Base::from($runner->from + 1);
            $way = $play->ways->to($to);
            $branches[] = new self(
                $runner,
                $to,
                $runner->arrivals[$to->value] - $play->ball->seconds,
                $way->held() - $play->ball->seconds,
                1 - $play->advance->out($runner, $way),
                $play->advance->needs($runner, $to->value, $play->advance->sure),
                $play->advance->ends[$runner->from] > $runner->from,
                array_values(array_filter($play->endings, static fn(Ending $one): bool => $one->runner === $runner)),
            );
        }

        return $branches;
    }
}
