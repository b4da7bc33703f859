<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Plan;

use FoxCorner\App\Shared\Json\Schemas;
use Opis\JsonSchema\Validator;

/** Plans as documents. */
trait PlanDocuments
{
    private const SCHEMAS = __DIR__ . '/../../../docs/schemas';

    private static function mustFit(string $document): void
    {
        $schema = (new Schemas(self::SCHEMAS))->read('plan');
        $error = (new Validator())->validate(json_decode($document), $schema)->error();

        self::assertNull($error, 'it fits docs/schemas/plan.json: ' . ($error?->message() ?? ''));
    }
}
