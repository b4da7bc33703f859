<?php

declare(strict_types=1);

namespace FoxCorner\App\Access;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Shared\PublicAddress;
use FoxCorner\App\Shared\Time\Instant;
use Psr\Clock\ClockInterface;

/** Makes and finds the links by which somebody chooses a new password. */
final readonly class ResetTokens
{
    /** s */
    private const LASTS = 3600;
    /**
     * Open links of one account: more than one network address may ask for in the hour that a link lasts
     * (Tried::Letter), so that nobody can end somebody's link by asking for others.
     */
    private const MOST = 20;

    public function __construct(
        private EntityManagerInterface $entities,
        private PublicAddress $addresses,
        private ClockInterface $clock,
    ) {}

    /** @return string the address to go to; of too many open ones the oldest is over */
    public function link(Account $account, int $lasts = self::LASTS): string
    {
        $now = $this->clock->now();
        $open = [];
        foreach ($this->entities->getRepository(ResetToken::class)->findBy(['account' => $account]) as $token) {
            $token->isOpen($now) ? ($open[] = $token) : $this->entities->remove($token);
        }
        // Ids go by the time at which they were made.
        usort($open, static fn(ResetToken $one, ResetToken $other): int => $other->id()->compare($one->id()));
        foreach (\array_slice($open, self::MOST - 1) as $oldest) {
            $this->entities->remove($oldest);
        }
        $secret = Secret::make();
        $this->entities->persist(new ResetToken($account, $secret->fingerprint(), Instant::later($now, $lasts)));
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
