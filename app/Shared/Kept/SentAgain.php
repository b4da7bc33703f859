<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Kept;

use Symfony\Component\Routing\Exception\ExceptionInterface;
use Symfony\Component\Routing\RouterInterface;

/**
 * Which forms are offered to be sent again by a press, and what the press would do. What gives somebody rights, or
 * takes something off, is never: it is done where one sees what it is.
 */
final readonly class SentAgain
{
    private const NEVER =
        '~^(invite|change_role|give_way_in|share|add_team|import_archive|read_archive|change_password|put_away_drill|' .
        'reset_rules|reset_password|join|setup)$|^(remove|end|leave|revoke|drop|undo|sign_out)_?~';

    public function __construct(private RouterInterface $router) {}

    /** @return string|null as in "edit player"; null when it is not to be sent again */
    public function words(string $path): ?string
    {
        $context = $this->router->getContext();
        $method = $context->getMethod();
        try {
            $context->setMethod('POST');
            $route = $this->router->match((string) parse_url($path, \PHP_URL_PATH))['_route'] ?? '';
        } catch (ExceptionInterface) {
            return null;
        } finally {
            $context->setMethod($method);
        }

        return \is_string($route) && 1 !== preg_match(self::NEVER, $route) ? str_replace('_', ' ', $route) : null;
    }
}
