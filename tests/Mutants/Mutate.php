<?php

declare(strict_types=1);

namespace Tests\Mutants;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** Every place of a file where one small change can be made, and the text with one of them made. */
final class Mutate
{
    private const OPERATORS = [
        '<' => '<=',
        '<=' => '<',
        '>' => '>=',
        '>=' => '>',
        '===' => '!==',
        '!==' => '===',
        '&&' => '||',
        '||' => '&&',
        '+' => '-',
        '-' => '+',
        '*' => '/',
    ];

    private const CALLS = [
        'isLessThan' => 'isGreaterThan',
        'isGreaterThan' => 'isLessThan',
        'plus' => 'minus',
        'minus' => 'plus',
        'isLessThanOrEqualTo' => 'isLessThan',
        'isGreaterThanOrEqualTo' => 'isGreaterThan',
        'multipliedBy' => 'dividedBy',
        'upTo' => null,
    ];

    /** @return list<array{start: int, end: int, text: string, what: string, line: int}> */
    public static function sites(string $code): array
    {
        $visitor = new class($code) extends NodeVisitorAbstract
        {
            /** @var list<array{start: int, end: int, text: string, what: string, line: int}> */
            public array $sites = [];

            public function __construct(private readonly string $code)
            {
            }

            public function enterNode(Node $node): ?int
            {
                // strict_types=2 is no PHP, and no change of what the code does.
                if ($node instanceof Node\Stmt\Declare_) {
                    return NodeVisitor::DONT_TRAVERSE_CHILDREN;
                }
                // Keys and cases compare the same loosely: such a mutant is the same program.
                if ($node instanceof Expr\FuncCall
                    && $node->name instanceof Node\Name
                    && in_array($node->name->toString(), ['in_array', 'array_search'], true)) {
                    $node->args = array_slice($node->args, 0, 2);
                }
                match (true) {
                    $node instanceof BinaryOp => $this->operator($node),
                    $node instanceof Expr\BooleanNot => $this->add(
                        $node,
                        substr(
                            $this->code,
                            $node->expr->getStartFilePos(),
                            $node->expr->getEndFilePos() - $node->expr->getStartFilePos() + 1,
                        ),
                        'without its "not"',
                    ),
                    $node instanceof Expr\ConstFetch
                        && in_array($node->name->toLowerString(), ['true', 'false'], true) => $this->add(
                            $node,
                            $node->name->toLowerString() === 'true' ? 'false' : 'true',
                            'the other truth',
                        ),
                    $node instanceof Scalar\Int_ => $this->add(
                        $node,
                        (string) ($node->value + 1),
                        "{$node->value} one more",
                    ),
                    $node instanceof Scalar\String_
                        && preg_match('/^-?\d+(\.\d+)?$/D', $node->value) === 1 => $this->add(
                            $node,
                            "'".self::nudged($node->value)."'",
                            "{$node->value} a little more",
                        ),
                    $node instanceof Expr\MethodCall
                        && $node->name instanceof Node\Identifier
                        && isset(Mutate::calls()[$node->name->name]) => $this->add(
                            $node->name,
                            (string) Mutate::calls()[$node->name->name],
                            "{$node->name->name} the other way",
                        ),
                    $node instanceof Expr\ClassConstFetch
                        && $node->name instanceof Node\Identifier
                        && $node->class instanceof Node\Name
                        && in_array(
                            "{$node->class}::{$node->name}",
                            ['Edge::Included', 'Edge::Excluded'],
                            true,
                        ) => $this->add(
                            $node->name,
                            $node->name->name === 'Included' ? 'Excluded' : 'Included',
                            'the other side of the edge',
                        ),
                    default => null,
                };

                return null;
            }

            private function operator(BinaryOp $node): void
            {
                $sigil = $node->getOperatorSigil();
                $other = Mutate::operators()[$sigil] ?? null;
                if ($other !== null) {
                    $between = substr(
                        $this->code,
                        $node->left->getEndFilePos() + 1,
                        $node->right->getStartFilePos() - $node->left->getEndFilePos() - 1,
                    );
                    $at = strpos($between, $sigil);
                    if ($at !== false) {
                        $start = $node->left->getEndFilePos() + 1 + $at;
                        $this->sites[] = [
                            'start' => $start,
                            'end' => $start + strlen($sigil),
                            'text' => $other,
                            'what' => "{$sigil} as {$other}",
                            'line' => $node->getStartLine(),
                        ];
                    }
                }
            }

            private function add(Node $node, string $text, string $what): void
            {
                $this->sites[] = [
                    'start' => $node->getStartFilePos(),
                    'end' => $node->getEndFilePos() + 1,
                    'text' => $text,
                    'what' => $what,
                    'line' => $node->getStartLine(),
                ];
            }

            private static function nudged(string $figure): string
            {
                $places = strlen(substr((string) strrchr($figure, '.'), 1));

                return number_format((float) $figure + 10 ** -$places, $places, '.', '');
            }
        };
        $traverser = new NodeTraverser($visitor);
        $traverser->traverse((new ParserFactory)->createForNewestSupportedVersion()->parse($code) ?? []);

        return $visitor->sites;
    }

    /** @return array<string, string> */
    public static function operators(): array
    {
        return self::OPERATORS;
    }

    /** @return array<string, string> */
    public static function calls(): array
    {
        return array_filter(self::CALLS);
    }
}
