<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** What shoppers choose from: options, and variants with what a sale of each comes to. */
final readonly class ChoicesView
{
    /**
     * @param  list<OptionView>  $options
     * @param  list<string>  $dropped  options that no shopper sees
     * @param  int  $products  how many different products its variants look like
     * @param  list<VariantRowView>  $variants
     * @param  list<SaleView|null>  $sales  the till strip, variant by variant
     */
    public function __construct(
        public array $options,
        public array $dropped,
        public int $products,
        public array $variants,
        public array $sales,
    ) {
    }
}
