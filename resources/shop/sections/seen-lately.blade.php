<section class="row seen-lately" data-seen-lately hidden><h2{!! $edit('heading') !!}>{{
    $settings['heading'] ?: $say('shop.goods.seen') }}</h2><ul class="goods"></ul></section>
