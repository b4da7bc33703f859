<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Json;

use FoxCorner\Core\Problem\Problem;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\SerializerInterface;

/** Objects as JSON that is kept, with the version of its form. */
final readonly class Documents
{
    public function __construct(private SerializerInterface $serializer, private DenormalizerInterface $objects) {}

    /** @param array<string, mixed> $context what of the object is written, as the serializer wants it said */
    public function write(object $document, int $version, array $context): string
    {
        return Version::said($this->serializer->serialize($document, 'json', $context), $version);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws Problem when it is no JSON, or a later version of the program has written it
     */
    public function read(string $json, string $class, int $newest): object
    {
        $fields = Fields::parse($json);
        Version::of($fields, $newest);
        $document = $this->objects->denormalize($fields->all(), $class, 'json');

        return $document instanceof $class ? $document : throw new \LogicException("This made no $class.");
    }
}
