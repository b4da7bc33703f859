<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Security\Core\User\EquatableInterface;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Uid\Uuid;

/** Somebody who can sign in. What they may do is said by their memberships. */
#[ORM\Entity]
class Account implements UserInterface, PasswordAuthenticatedUserInterface, EquatableInterface
{
    use Identified;

    /** Letters of a name. */
    public const LONGEST = 80;
    /** How the e-mails of accounts end that are no more. */
    public const GONE = '@gone.invalid';

    #[ORM\Column(length: 255)]
    private string $passwordHash = '';

    /** Sessions that began before it was counted up are over. */
    #[ORM\Column(options: ['default' => 0])]
    private int $signedOutTimes = 0;

    /** @var non-empty-string in small letters, compared letter by letter: an accent makes another e-mail */
    #[ORM\Column(length: 180, unique: true, options: ['collation' => 'utf8mb4_bin'])]
    private string $email;

    /**
     * @param non-empty-string $email
     * @param bool             $demo  whether it came with the demo, whose password everybody knows
     */
    public function __construct(
        string $email,
        #[ORM\Column(length: self::LONGEST)] public string $name,
        #[ORM\Column(options: ['default' => 0])] private bool $demo = false,
    ) {
        $this->id = Uuid::v7();
        $normal = self::normal($email);
        $this->email = '' === $normal ? throw new \LogicException('An account has an e-mail.') : $normal;
    }

    /** An e-mail as it is kept and compared. */
    public static function normal(string $email): string
    {
        return mb_strtolower(trim($email));
    }

    public function setPasswordHash(string $hash): void
    {
        $this->passwordHash = $hash;
    }

    public function getPassword(): string
    {
        return $this->passwordHash;
    }

    /** @return non-empty-string */
    public function getUserIdentifier(): string
    {
        return $this->email;
    }

    /** Without one it opens nothing: its e-mail is not proven yet, or it has ended. */
    public function hasPassword(): bool
    {
        return '' !== $this->passwordHash;
    }

    public function isDemo(): bool
    {
        return $this->demo;
    }

    /** The demo goes, and it stays where somebody's own things hang on it: with no password that anybody knows. */
    public function outliveTheDemo(): void
    {
        $this->demo = false;
        $this->passwordHash = '';
        $this->signOutEverywhere();
    }

    public function signOutEverywhere(): void
    {
        ++$this->signedOutTimes;
    }

    /** Nobody signs in with it any more, and nothing in it says who it was; what it decided stays. */
    public function end(): void
    {
        $this->email = $this->id->toRfc4122() . self::GONE;
        $this->name = 'Somebody who left';
        $this->passwordHash = '';
        $this->signOutEverywhere();
    }

    /** Whether a session's account is still what it was when the session began. */
    public function isEqualTo(UserInterface $user): bool
    {
        return $user instanceof self &&
            $this->email === $user->email &&
            $this->passwordHash === $user->passwordHash &&
            $this->signedOutTimes === $user->signedOutTimes;
    }

    public function getRoles(): array
    {
        return ['ROLE_USER'];
    }

    #[\Deprecated]
    public function eraseCredentials(): void {}
}
