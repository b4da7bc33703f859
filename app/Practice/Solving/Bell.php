<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Whoever brings work rings for the workers of this machine, who sleep meanwhile instead of asking the database.
 *
 * A pipe of the file system: what is rung before somebody listens waits in it. Where none can be made nobody is rung
 * for, and workers look as often as {@see BLIND} says.
 */
final class Bell
{
    /** s between two looks without a pipe. */
    private const BLIND = 0.3;
    private const RING = "\n";
    private const MANY = 4096;

    /** @var resource|null */
    private $pipe;

    public function __construct(#[Autowire('%env(FOX_RUN_DIR)%/sock/bell')] private readonly string $path) {}

    public function ring(): void
    {
        $pipe = $this->pipe();
        if (null !== $pipe) {
            // A pipe that is full has been rung often enough.
            fwrite($pipe, self::RING);
        }
    }

    /**
     * Sleeps until it is rung, a signal comes or so many seconds are over.
     *
     * @return bool whether it was rung
     */
    public function wait(float $seconds): bool
    {
        $pipe = $this->pipe();
        if (null === $pipe) {
            usleep((int) (1e6 * min($seconds, self::BLIND)));

            return false;
        }
        [$heard, $write, $except] = [[$pipe], null, null];
        // A signal ends the sleep with a warning, and is what the worker wants to hear.
        $count = @stream_select($heard, $write, $except, (int) $seconds, (int) (1e6 * fmod($seconds, 1.0)));
        if (1 !== $count) {
            return false;
        }
        fread($pipe, self::MANY);

        return true;
    }

    /** @return resource|null */
    private function pipe()
    {
        if (null === $this->pipe && (file_exists($this->path) || @posix_mkfifo($this->path, 0o600))) {
            $pipe = 'fifo' === filetype($this->path) ? @fopen($this->path, 'r+') : false;
            if (false !== $pipe) {
                stream_set_blocking($pipe, false);
                $this->pipe = $pipe;
            }
        }

        return $this->pipe;
    }
}
