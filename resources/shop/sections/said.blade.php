<section class="row"><h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2></section>
