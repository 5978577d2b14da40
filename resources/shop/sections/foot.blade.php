<footer class="foot">
<p class="wordmark">{{ $look->wordmark }}</p>
@if ($settings['about'] !== '')<p>{!! nl2br(e($settings['about'])) !!}</p>@endif
@if ($settings['email'] !== '')<p><a href="mailto:{{ $settings['email'] }}">{{ $settings['email'] }}</a></p>@endif
<p class="quiet">{{ $stall->tax_on_top ? 'VAT is added at the checkout.' : 'Prices include VAT.' }} We send to {{ $stall->marketName() }}.</p>
</footer>
