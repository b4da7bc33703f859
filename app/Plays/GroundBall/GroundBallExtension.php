<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\GroundBall;

use FoxCorner\Core\Family\GroundBall\Afterwards;
use FoxCorner\Core\Family\GroundBall\Pivot;
use FoxCorner\Core\People\Position;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

final class GroundBallExtension extends AbstractExtension
{
    public function getFunctions(): array
    {
        return [
            new TwigFunction('taken_outs', TakenOut::all(...)),
            new TwigFunction('pivot_of', Pivot::on(...)),
            new TwigFunction('runs_of', self::runs(...)),
            new TwigFunction('besides_of', Afterwards::of(...)),
            new TwigFunction('drills_of', DrillsOfBall::of(...)),
            new TwigFunction('position_of', Position::from(...)),
        ];
    }

    /**
     * Equal cells beside each other as one.
     *
     * @param list<string> $cells
     *
     * @return list<array{call: string, from: int, length: int}>
     */
    private static function runs(array $cells): array
    {
        $runs = [];
        foreach ($cells as $index => $call) {
            $last = \count($runs) - 1;
            if ($last >= 0 && $runs[$last]['call'] === $call) {
                ++$runs[$last]['length'];
            } else {
                $runs[] = ['call' => $call, 'from' => $index, 'length' => 1];
            }
        }

        return $runs;
    }
}
