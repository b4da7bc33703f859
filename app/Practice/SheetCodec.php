<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use FoxCorner\App\Practice\Sheet\Sheet;
use Symfony\Component\Serializer\Normalizer\AbstractObjectNormalizer;
use Symfony\Component\Serializer\SerializerInterface;

/** A sheet to JSON and back. */
final readonly class SheetCodec
{
    public function __construct(private SerializerInterface $serializer)
    {
    }

    public function write(Sheet $sheet): string
    {
        return $this->serializer->serialize($sheet, 'json', [AbstractObjectNormalizer::ATTRIBUTES => [
            'blocks' => ['kind', 'start', 'minutes', 'stations' => ['drill', 'players' => self::PLAYER, 'repetitions', 'helpers'], 'waiting' => self::PLAYER, 'away' => self::PLAYER],
            'needs' => ['position', 'drill', 'wanted', 'gained', 'reason', 'binds'],
            'choices' => ['drill', 'name', 'shift', 'hindrance'],
            'conflicts' => ['one', 'other', 'why'],
            'script' => ['isLive', 'minutes', 'title', 'say', 'do', 'expect', 'watch'],
            'objective',
        ]]);
    }

    public function read(Practice $practice): Sheet
    {
        return $this->serializer->deserialize($practice->sheet(), Sheet::class, 'json');
    }

    private const PLAYER = ['id', 'number', 'name', 'position'];
}
