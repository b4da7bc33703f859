<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use FoxCorner\App\Club\Account;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;

/** Where the file that somebody looks over waits until he says yes; a day at most. */
final readonly class KeptUpload
{
    public function __construct(
        #[Autowire('%env(FOX_RUN_DIR)%/imports')] private string $folder,
        private Filesystem $files = new Filesystem(),
    ) {}

    public function keep(Account $account, string $path): void
    {
        $this->files->mkdir($this->folder, 0o700);
        $this->files->copy($path, $this->of($account), true);
    }

    /** @throws Problem when there is none */
    public function path(Account $account): string
    {
        $path = $this->of($account);

        return is_file($path)
            ? $path
            : throw Refused::because('file', 'it was taken already, or long ago', 'choosing it again');
    }

    public function drop(Account $account): void
    {
        $this->files->remove($this->of($account));
    }

    private function of(Account $account): string
    {
        return "$this->folder/{$account->id()->toRfc4122()}.zip";
    }
}
