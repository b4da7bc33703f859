<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Kept;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Twig\Environment;

/** The page that a form comes back on, with what was typed and a button that sends it again. */
final readonly class KeptPage
{
    public function __construct(
        private Environment $twig,
        private CsrfTokenManagerInterface $tokens,
        private SentAgain $again,
    ) {}

    public function of(TypedForm $typed, NotKept $why): Response
    {
        return $this->page($typed, $why, $this->freshTokens($typed));
    }

    /**
     * The same where neither session nor database can be asked: the old tokens stand until they answer again.
     *
     * @param array<string, string> $tokens
     */
    public function withoutDatabase(TypedForm $typed, array $tokens): Response
    {
        $page = $this->page($typed, NotKept::DatabaseAway, $tokens);
        $page->headers->set('Retry-After', '5');

        return $page;
    }

    /** @param array<string, string> $tokens */
    private function page(TypedForm $typed, NotKept $why, array $tokens): Response
    {
        return new Response(
            $this->twig->render('error/kept.html.twig', [
                'typed' => $typed,
                'why' => $why,
                'tokens' => $tokens,
                'does' => $this->again->words($typed->path),
            ]),
            $why->status(),
        );
    }

    /** @return array<string, string> by the field's name */
    private function freshTokens(TypedForm $typed): array
    {
        $tokens = ['_token' => $this->tokens->getToken('change')->getValue()];
        foreach ($typed->forms() as $form) {
            $tokens["{$form}[_token]"] = $this->tokens->getToken($form)->getValue();
        }

        return $tokens;
    }
}
