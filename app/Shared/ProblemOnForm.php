<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use FoxCorner\Core\Problem\Problem;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormInterface;

/** Shows what the core refuses beside the field in which it was typed. */
final class ProblemOnForm
{
    /**
     * @template T
     *
     * @param FormInterface<T>      $form
     * @param array<string, string> $fields the form's field by the core's name, where they differ
     */
    public static function show(FormInterface $form, Problem $problem, array $fields = []): void
    {
        $name = $fields[$problem->field()] ?? $problem->field();
        $field = $form->has($name) ? $form->get($name) : $form;
        $field->addError(new FormError($problem->sentence(), cause: $problem));
    }
}
