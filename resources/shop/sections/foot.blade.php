<footer class="foot">
<p class="wordmark">{{ $look->wordmark }}</p>
@if ($settings['about'] !== '')<p{!! $edit('about') !!}>{!! nl2br(e($settings['about'])) !!}</p>@endif
@if ($settings['email'] !== '')<p><a href="mailto:{{ $settings['email'] }}">{{ $settings['email'] }}</a></p>@endif
@if ($menus !== [])<div class="foot-menus{{ $menus[0]['heading'] === '' && count($menus) === 1 ? ' one' : '' }}">
@foreach ($menus as $column)<nav aria-label="{{ $column['heading'] === '' ? $say('shop.foot') : $column['heading'] }}">
@if ($column['heading'] !== '')<p class="foot-heading">{{ $column['heading'] }}</p>@endif
<ul class="foot-menu">
@foreach ($column['ways'] as $way)<li><a href="{{ $way['href'] }}">{{ $way['words'] }}</a></li>
@endforeach
</ul></nav>
@endforeach
</div>@endif
@if ($social !== [])<ul class="foot-menu">
@foreach ($social as $way)<li><a href="{{ $way['href'] }}" rel="me noopener">{{ $way['words'] }}</a></li>
@endforeach
</ul>@endif
<p class="quiet">{{ $say($stall->terms($stall->seen()->country)->tax->included ? 'shop.vat.included' : 'shop.vat.on_top') }} {{
    $say('shop.sent_to', places: WindowStall\Stall\Terms\Places::said($stall)) }}</p>
</footer>
