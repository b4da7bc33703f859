<?php

declare(strict_types=1);

namespace FoxCorner\App\Access;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Shared\PublicAddress;
use Psr\Clock\ClockInterface;

/** Makes and finds the links by which somebody chooses a new password. */
final readonly class ResetTokens
{
    private const LASTS = '+1 hour';
    /** Open links of one account; whoever asks more often has to wait for one to end. */
    private const MOST = 3;

    public function __construct(
        private EntityManagerInterface $entities,
        private PublicAddress $addresses,
        private ClockInterface $clock,
    ) {}

    /** @return string|null the address to go to; null when there are enough of them already */
    public function link(Account $account, string $lasts = self::LASTS): ?string
    {
        $now = $this->clock->now();
        $open = array_filter(
            $this->entities->getRepository(ResetToken::class)->findBy(['account' => $account]),
            static fn(ResetToken $token): bool => $token->isOpen($now),
        );
        if (\count($open) >= self::MOST) {
            return null;
        }
        $secret = Secret::make();
        $this->entities->persist(new ResetToken($account, $secret->fingerprint(), $now->modify($lasts)));
        $this->entities->flush();

        return $this->addresses->of('reset_password', ['secret' => $secret->word]);
    }

    public function open(Secret $secret): ?ResetToken
    {
        $token = $this->entities
            ->getRepository(ResetToken::class)
            ->findOneBy(['fingerprint' => $secret->fingerprint()]);

        return true === $token?->isOpen($this->clock->now()) ? $token : null;
    }

    /** All links of an account are over once one of them was used. */
    public function close(Account $account): void
    {
        $now = $this->clock->now();
        foreach ($this->entities->getRepository(ResetToken::class)->findBy(['account' => $account]) as $token) {
            if ($token->isOpen($now)) {
                $token->use($now);
            }
        }
    }
}
