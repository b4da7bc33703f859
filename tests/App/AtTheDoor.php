<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Access\NewPassword;
use FoxCorner\App\Access\ResetToken;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Post\PostBox;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** Accounts that ask for a password and sign in. */
trait AtTheDoor
{
    private function command(string $name): CommandTester
    {
        return new CommandTester((new Application(self::$kernel ?? self::fail()))->find($name));
    }

    private function coach(): Account
    {
        $this->command('fox:account')->execute(['email' => 'ada@fen-end.example', 'name' => 'Ada Brink']);
        $account = $this->account('ada@fen-end.example') ?? self::fail();
        $passwords = self::getContainer()->get(NewPassword::class);
        $passwords->give($account, 'a heron on one leg');
        foreach (
            $this->entities()
                ->getRepository(ResetToken::class)
                ->findBy(['account' => $account]) as $token
        ) {
            $this->entities()->remove($token);
        }
        $this->entities()->flush();

        return $account;
    }

    private function sentLink(Account $account): string
    {
        foreach (self::getContainer()->get(PostBox::class)->letters() as $letter) {
            if ($letter->to === $account->getUserIdentifier() && 1 === preg_match('~http\S+~', $letter->text, $found)) {
                return $found[0];
            }
        }
        self::fail('No letter came.');
    }

    private function account(string $email): ?Account
    {
        return $this->entities()
            ->getRepository(Account::class)
            ->findOneBy(['email' => $email]);
    }
}
