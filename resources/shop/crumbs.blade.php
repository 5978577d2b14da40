@include('shop::crumbs-nav')
@include('shop::crumbs-said')
