<?php

declare(strict_types=1);

namespace FoxCorner\App\Fox;

use FoxCorner\App\Fox\Question\ScheduleQuestion;
use FoxCorner\App\Fox\Question\BuntMapQuestion;
use FoxCorner\App\Fox\Question\CoverageAuditQuestion;
use FoxCorner\App\Fox\Question\AlignmentQuestion;
use FoxCorner\App\Fox\Question\BuntQuestion;
use FoxCorner\App\Fox\Question\GroundBallQuestion;
use FoxCorner\App\Fox\Question\ImproveQuestion;
use FoxCorner\App\Fox\Question\RangeQuestion;
use FoxCorner\App\Fox\Question\RunQuestion;
use FoxCorner\App\Fox\Question\RunsQuestion;
use FoxCorner\App\Fox\Question\SpotQuestion;
use FoxCorner\App\Fox\Question\ThrowQuestion;
use FoxCorner\App\Fox\Question\WinQuestion;
use FoxCorner\Core\InvalidValue;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/**
 * Answers a question as JSON.
 *
 * A bad question gets exit code 1 and a problem that names the field, what was wrong and what is allowed.
 */
final readonly class Fox
{
    public function __construct(private string $schemas)
    {
    }

    /** @return array{string, int} the output and the exit code */
    public function ask(string $name, string $json): array
    {
        try {
            $question = $this->questions()[$name] ?? throw InvalidValue::notOneOf('question', $name, array_keys($this->questions()));

            return [self::encode($question->answer($this->read($name, $json))), 0];
        } catch (InvalidValue $problem) {
            return [self::encode(['problem' => ['field' => $problem->field, 'wrong' => $problem->wrong, 'allowed' => $problem->allowed]]), 1];
        }
    }

    /** @return array<string, Question> */
    private function questions(): array
    {
        return [
            'throw' => new ThrowQuestion(),
            'run' => new RunQuestion(),
            'ground-ball' => new GroundBallQuestion(),
            'spot' => new SpotQuestion(),
            'bunt' => new BuntQuestion(),
            'bunt-map' => new BuntMapQuestion(),
            'coverage-audit' => new CoverageAuditQuestion(),
            'alignment' => new AlignmentQuestion(),
            'range' => new RangeQuestion(),
            'improve' => new ImproveQuestion(),
            'schedule' => new ScheduleQuestion(),
            'runs' => new RunsQuestion(),
            'win' => new WinQuestion(),
        ];
    }

    /** @throws InvalidValue */
    private function read(string $name, string $json): Input
    {
        $data = json_decode($json);
        if (!$data instanceof \stdClass) {
            throw InvalidValue::because('input', 'it is no JSON object'.(\JSON_ERROR_NONE === json_last_error() ? '' : ' ('.json_last_error_msg().')'), "an object as in docs/schemas/$name.question.json");
        }
        $schema = json_decode((string) file_get_contents("$this->schemas/$name.question.json"), flags: \JSON_THROW_ON_ERROR);
        \assert($schema instanceof \stdClass);
        $error = (new Validator())->validate($data, $schema)->error();
        if (null !== $error) {
            throw $this->problem($error, $schema);
        }

        return new Input((array) $data);
    }

    private function problem(ValidationError $error, \stdClass $schema): InvalidValue
    {
        $error = self::innermost($error);
        $path = array_values(array_map(strval(...), array_filter($error->data()->fullPath(), is_scalar(...))));
        $named = $error->args()['missing'] ?? $error->args()['properties'] ?? null;
        $name = \is_array($named) ? $named[0] ?? null : $named;
        if (\is_string($name)) {
            $path[] = $name;
        }
        [$description, $properties] = self::describe($schema, $path);

        return InvalidValue::because([] === $path ? 'input' : implode('.', $path), match ($error->keyword()) {
            'required' => 'it is missing',
            'additionalProperties' => 'it is not part of the question',
            default => json_encode($error->data()->value()).' does not fit',
        }, $description ?? implode(', ', $properties));
    }

    /**
     * What the schema says of a field, and which fields there are beside it.
     *
     * @param list<string> $path
     *
     * @return array{string|null, list<string>}
     */
    private static function describe(\stdClass $schema, array $path): array
    {
        $properties = isset($schema->properties) ? (array) $schema->properties : [];
        $field = $properties[$path[0] ?? ''] ?? null;
        if ($field instanceof \stdClass && \count($path) > 1 && isset($field->properties)) {
            return self::describe($field, \array_slice($path, 1));
        }
        $description = $field instanceof \stdClass ? $field->description ?? null : null;

        return [\is_string($description) ? $description : null, array_map(strval(...), array_keys($properties))];
    }

    private static function innermost(ValidationError $error): ValidationError
    {
        /** @var list<ValidationError> $within */
        $within = $error->subErrors();

        return [] === $within ? $error : self::innermost($within[0]);
    }

    /** @param array<string, mixed> $answer */
    private static function encode(array $answer): string
    {
        return json_encode($answer, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION);
    }
}
