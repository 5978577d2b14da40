<section class="row list across-{{ $settings['across'] }} phone-{{ $settings['phone'] }}" data-list>
@include('shop::crumbs-nav')
@if ($list->searched !== null)
<div>@include('shop::search-form', ['typed' => $list->searched])</div>
@endif
<h1 tabindex="-1">{{ $list->heading }}</h1>
@if ($list->words !== '')<p class="list-words">{!! nl2br(e($list->words)) !!}</p>@endif
@if ($list->meant !== null)<p class="list-words">{{ $say('shop.looking.meant',
    typed: $list->searched, meant: $list->meant) }}</p>@endif
@if ($settings['narrowed'] === 'yes' && ($found->facets !== [] || $found->taken !== []))
@include('shop::sift')
@endif
@if ($goods !== [])
<p class="count" role="status">{{ $say('shop.things', count: $found->count) }}</p>
<ul class="goods">
@foreach ($goods as $good)@include('shop::good', ['good' => $good, 'eager' => $loop->index < 2])
@endforeach
</ul>
@if ($found->pages > 1)
<nav class="turns" aria-label="{{ $say('shop.list.pages') }}">
@if ($found->page > 1)<a href="{{ $at(['page' => $found->page === 2 ? null : $found->page - 1]) }}" rel="prev">{{
    $say('shop.list.before') }}</a>@endif
<span>{{ $say('shop.list.of', page: $found->page, pages: $found->pages) }}</span>
@if ($found->page < $found->pages)<a href="{{ $at(['page' => $found->page + 1]) }}" rel="next">{{
    $say('shop.list.more') }}</a>@endif
</nav>
@endif
@elseif ($found->taken !== [])
<div class="nothing" role="status">
<p>{{ $say('shop.list.none_of_all') }}</p>
<ul>
@foreach ($found->taken as $taken)
@if ($taken['goods'] > 0)<li><a href="{{ $taken['without'] }}">{{ $say('shop.list.without',
    what: $taken['words'], count: $taken['goods']) }}</a></li>@endif
@endforeach
<li><a href="{{ $list->path }}{{ $list->asked === [] ? '' : '?'.http_build_query($list->asked) }}">{{
    $say('shop.list.without_any') }}</a></li>
</ul>
</div>
@elseif ($list->searched !== null && $list->searched !== '')
<div class="nothing" role="status">
<p>{{ $say('shop.looking.nothing') }}</p>
<p><a class="button" href="/goods">{{ $say('shop.see_everything') }}</a></p>
</div>
@elseif ($list->searched === null)
<p class="nothing" role="status">{{ $say('shop.list.nothing') }} <a href="/goods">{{ $say('shop.see_everything') }}</a></p>
@endif
</section>
