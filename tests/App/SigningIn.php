<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

/** Tries at the door. */
trait SigningIn
{
    private function attempt(string $email, string $password): void
    {
        $this->browser->request('GET', '/sign-in');
        $this->browser->submitForm('Sign in', ['email' => $email, 'password' => $password]);
    }
}
