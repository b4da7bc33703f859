<?php

declare(strict_types=1);

namespace FoxCorner\App\Post;

use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Mime\Email;
use Symfony\Component\Uid\Ulid;

/**
 * The simulated post: letters lie in a folder, each as the mail that it is and as what a page shows of it. The newest
 * two hundred are kept.
 */
final readonly class PostBox
{
    private const MOST = 200;

    public function __construct(
        #[Autowire('%env(FOX_RUN_DIR)%/post')] private string $folder,
        private ClockInterface $clock,
        private Filesystem $files = new Filesystem(),
    ) {}

    public function put(Email $email): void
    {
        $name = "$this->folder/" . new Ulid();
        $this->write("$name.eml", $email->toString());
        $this->write(
            "$name.json",
            json_encode(
                [
                    'to' => $email->getTo()[0]->getAddress(),
                    'subject' => (string) $email->getSubject(),
                    'text' => (string) $email->getTextBody(),
                    'at' => $this->clock->now()->format(\DateTimeInterface::ATOM),
                ],
                \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE,
            ),
        );
        foreach (\array_slice($this->names(), self::MOST) as $old) {
            $this->files->remove([$old, substr($old, 0, -4) . 'eml']);
        }
    }

    /** Links in it open what is somebody's: nobody else reads it. */
    private function write(string $file, string $text): void
    {
        $this->files->mkdir($this->folder, 0o700);
        $before = umask(0o077);
        try {
            $this->files->dumpFile($file, $text);
            $this->files->chmod($file, 0o600);
        } finally {
            umask($before);
        }
    }

    /** @return list<PostedLetter> the newest first */
    public function letters(): array
    {
        return array_map(
            static fn(string $name): PostedLetter => PostedLetter::read((string) file_get_contents($name)),
            $this->names(),
        );
    }

    /** @return list<string> the newest first */
    private function names(): array
    {
        $names = glob("$this->folder/*.json");
        $names = false === $names ? [] : $names;
        rsort($names);

        return $names;
    }
}
