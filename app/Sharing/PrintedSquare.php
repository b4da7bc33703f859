<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\PublicAddress;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** The link that somebody has shared to a thing, as a square for phones. */
final class PrintedSquare extends AbstractExtension
{
    public function __construct(
        private readonly SharedThings $things,
        private readonly QrCode $squares,
        private readonly PublicAddress $addresses,
    ) {}

    public function getFunctions(): array
    {
        return [new TwigFunction('printed_square', $this->of(...))];
    }

    /**
     * @param string $kind {@see SharedKind}
     * @param string $of   the situation's key, the practice's id
     *
     * @return array{picture: string, address: string, until: \DateTimeImmutable}|null null: nothing is shared of it
     */
    private function of(Team $team, string $kind, string $of): ?array
    {
        foreach ($this->things->links($team) as $link) {
            if ($link->kind->value === $kind && $link->of === $of) {
                $address = $this->addresses->of('read_shared', ['secret' => $link->secret]);
                $picture = $this->squares->of($address);

                return null === $picture
                    ? null
                    : ['picture' => $picture, 'address' => $address, 'until' => $link->until];
            }
        }

        return null;
    }
}
