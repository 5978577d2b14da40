<footer class="foot">
<p class="wordmark">{{ $look->wordmark }}</p>
@if ($settings['about'] !== '')<p{!! $edit('about') !!}>{!! nl2br(e($settings['about'])) !!}</p>@endif
@if ($settings['email'] !== '')<p><a href="mailto:{{ $settings['email'] }}">{{ $settings['email'] }}</a></p>@endif
@if ($menu !== [])<ul class="foot-menu">
@foreach ($menu as $way)<li><a href="{{ $way['href'] }}">{{ $way['words'] }}</a></li>
@endforeach
</ul>@endif
@if ($social !== [])<ul class="foot-menu">
@foreach ($social as $way)<li><a href="{{ $way['href'] }}" rel="me noopener">{{ $way['words'] }}</a></li>
@endforeach
</ul>@endif
<p class="quiet">{{ $stall->tax_on_top ? 'VAT is added at the checkout.' : 'Prices include VAT.' }} We send to
    {{ $stall->marketName() }}.</p>
</footer>
